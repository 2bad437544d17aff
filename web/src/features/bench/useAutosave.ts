import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { useStore } from 'zustand';
import { api } from '../../api/client';
import { Problem } from '../../api/problems';
import type { Brief, SavedPlan } from '../../api/types';
import type { BenchStore } from './benchStore';
import { dropDraft, keepDraft } from './draft';

const QUIET_MS = 350;
const RETRY_MS = 4000;

/**
 * Saves the brief a moment after it has been computed without fault. Until the server has it, it is kept on this
 * device, so that closing the tab loses nothing.
 */
export function useAutosave(store: BenchStore, computed: Brief | undefined): void {
  const state = useStore(store);
  const queries = useQueryClient();
  // A second save before the first is answered would carry an old version.
  const isBusy = useRef(false);
  const { planId, brief, name, version, texts, saving, theirs } = state;

  useEffect(() => {
    if (saving === 'saved' && Object.keys(texts).length === 0) {
      dropDraft(planId);
    } else {
      keepDraft(planId, { brief, name, version, texts });
    }
  }, [planId, brief, name, version, texts, saving]);

  useEffect(() => {
    const isReady = computed === brief && theirs === undefined && name.trim() !== '';
    if (!isReady || (saving !== 'changed' && saving !== 'away')) return;
    const save = async () => {
      if (isBusy.current) return;
      isBusy.current = true;
      store.getState().setSaving('saving');
      try {
        const stored = await api.changePlan(planId, { name, brief, version });
        store.getState().saved(stored, brief);
        void queries.invalidateQueries({ queryKey: ['plans'], exact: true });
      } catch (thrown) {
        const problem = thrown instanceof Problem ? thrown : new Problem(0, String(thrown));
        if (problem.status === 409) {
          store.getState().setSaving('changed');
          store.getState().foundNewer(problem.current as SavedPlan);
        } else {
          store.getState().setSaving('away');
        }
      } finally {
        isBusy.current = false;
      }
    };
    const timer = window.setTimeout(() => void save(), saving === 'away' ? RETRY_MS : QUIET_MS);
    return () => window.clearTimeout(timer);
  }, [store, queries, planId, brief, name, version, saving, computed, theirs]);
}
