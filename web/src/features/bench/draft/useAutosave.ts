import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { useStore } from 'zustand';
import { api } from '../../../api/client';
import { Problem } from '../../../api/problems';
import type { Brief, SavedPlan } from '../../../api/types';
import type { BenchStore } from './benchStore';
import { dropDraft, keepDraft } from './keptHere';

const QUIET_MS = 350;
const RETRY_MS = 4000;

/**
 * Saves the brief a moment after it has been computed without fault, and at once when the bench is left. Until the server has
 * it, it is kept on this device, so that closing the tab loses nothing; a practice plan is never kept elsewhere. While the plan has no name, its last one is kept.
 */
export function useAutosave(store: BenchStore, computed: Brief | undefined): void {
  const state = useStore(store);
  const queries = useQueryClient();
  // A second save before the first is answered would carry an old version.
  const isBusy = useRef(false);
  const save = useRef<(isLeaving: boolean) => Promise<void>>(() => Promise.resolve());
  const { home, planId, brief, name, lastName, version, format, texts, saving, sent, theirs } =
    state;

  useEffect(() => {
    if (saving === 'saved' && Object.keys(texts).length === 0) {
      dropDraft(planId);
    } else {
      keepDraft(planId, { format, brief, name, version, texts, sent });
    }
  }, [planId, format, brief, name, version, texts, saving, sent]);

  useEffect(() => {
    save.current = async (isLeaving) => {
      const now = store.getState();
      if (isBusy.current || now.theirs !== undefined) return;
      isBusy.current = true;
      now.setSaving('saving', now.refusal);
      try {
        const body = { name: now.lastName, brief: now.brief, version: now.version };
        now.send({ name: body.name, brief: body.brief });
        if (isLeaving) {
          const { format, brief, name, version, texts, sent } = store.getState();
          keepDraft(planId, { format, brief, name, version, texts, sent });
        }
        const stored = await api.changePlan(planId, body, isLeaving);
        store.getState().saved(stored, now.brief);
        if (isLeaving) dropDraft(planId);
        void queries.invalidateQueries({ queryKey: ['plans', 'last'] });
        void queries.invalidateQueries({ queryKey: ['plans', 'tiles'] });
      } catch (thrown) {
        const problem = thrown instanceof Problem ? thrown : new Problem(0, String(thrown));
        if (problem.status === 409) {
          store.getState().setSaving('changed');
          store.getState().foundNewer(problem.current as SavedPlan);
        } else if (problem.status === 0) {
          store.getState().setSaving('away');
        } else {
          store.getState().setSaving('refused', problem.message);
        }
      } finally {
        isBusy.current = false;
      }
    };
  }, [store, queries, planId]);

  useEffect(() => {
    const isReady = computed === brief && theirs === undefined;
    if (home === 'practice' || !isReady || saving === 'saved' || saving === 'saving') return;
    const timer = window.setTimeout(
      () => void save.current(false),
      saving === 'changed' ? QUIET_MS : RETRY_MS,
    );
    return () => window.clearTimeout(timer);
  }, [home, brief, name, lastName, version, saving, computed, theirs]);

  // Leaving for another place within the quiet moment: the server looks at the brief as the bench would have.
  useEffect(
    () => () => {
      const now = store.getState();
      if (now.home !== 'practice' && now.saving === 'changed') void save.current(true);
    },
    [store],
  );
}
