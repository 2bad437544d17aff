package gyrotaxis.core.drilling;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.practice.Answer;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.practice.Key;
import gyrotaxis.core.practice.Verdict;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.scalp.Measure;
import java.util.Objects;
import java.util.Optional;

/** How much a head takes, judged by eye: the higher the level, the nearer it has to come and the less is drawn. */
final class Amounts {
    /** From here on she judges by rows alone, without the shares on them. */
    private static final int BY_ROWS_FROM = 3;

    private Amounts() {}

    private static Drill.Shows shows(int level) {
        return level < BY_ROWS_FROM ? Drill.Shows.SHARES : Drill.Shows.ROWS;
    }

    private static Sentence look(InstallPlan plan) {
        HairLine hair = plan.brief().hair();
        return Sentence.of(
                "A head ",
                Quantity.mm(Objects.requireNonNull(
                        plan.brief().head().measures().byMeasure().get(Measure.ROUND))),
                " round, ",
                hair.texture().words(),
                " of ",
                Quantity.mm(hair.lengthMm()),
                ", ",
                Quantity.part(plan.brief().fullness()),
                " as full as usual");
    }

    /** How many packs to buy. */
    static final class Packs implements Maker {
        private static final Interval RANGE = new Interval(1, 60);

        /** So far off is right at the first level and at the last. */
        private static final double ROUGHLY = 0.34;

        private static final double NEARLY = 0.1;

        /** Below this level a pack more or less is always right. */
        private static final int TO_THE_PACK_FROM = 4;

        @Override
        public Optional<Drill> make(Draft draft) {
            InstallPlan plan = draft.head();
            int packs = plan.packs().packs();
            if (packs > RANGE.max()) {
                return Optional.empty();
            }
            double share = draft.narrowing(ROUGHLY, NEARLY);
            Sentence asked = Sentence.of(
                    look(plan),
                    ". A pack holds ",
                    plan.brief().hair().loopsPerPack(),
                    " loops, and there are none on the shelf. How many packs?");
            return Optional.of(draft.about(
                    plan,
                    shows(draft.level()),
                    asked,
                    new Ask.Number(RANGE, 1, "packs"),
                    new Bought(plan, Math.max(draft.level() < TO_THE_PACK_FROM ? 1 : 0, Math.floor(share * packs)))));
        }

        private record Bought(InstallPlan plan, double within) implements Key {
            @Override
            public Answer.Said solution() {
                return new Answer.Said(plan.packs().packs());
            }

            @Override
            public Verdict judge(Answer answer) {
                double said = Answers.said(answer);
                int packs = plan.packs().packs();
                double off = Math.abs(said - packs);
                Sentence counted = Sentence.of(
                        plan.packs().placedLoops(),
                        " loops go in and ",
                        plan.packs().reserveLoops(),
                        " are kept back for fills: ",
                        packs,
                        packs == 1 ? " pack." : " packs.",
                        off == 0
                                ? ""
                                : said > packs
                                        ? " What you said leaves whole packs over."
                                        : " What you said runs out before the head is done.");
                return new Verdict(off <= within, Math.max(0, 1 - off / packs), counted, solution());
            }
        }
    }

    /** How many minutes it takes. */
    static final class Minutes implements Maker {
        private static final Interval RANGE = new Interval(15, 720);
        private static final double STEP = 5;

        /** So much of the range that practitioners differ by is right at the last level; at the first, all of it. */
        private static final double CLOSER = 0.4;

        @Override
        public Optional<Drill> make(Draft draft) {
            InstallPlan plan = draft.head();
            Estimate minutes = plan.time().inChair();
            if (minutes.high() > RANGE.max()) {
                return Optional.empty();
            }
            double part = draft.narrowing(1, CLOSER);
            Interval right = new Interval(
                    minutes.likely() - part * (minutes.likely() - minutes.low()),
                    minutes.likely() + part * (minutes.high() - minutes.likely()));
            Sentence asked = Sentence.of(
                    look(plan),
                    ", ",
                    plan.foundation().rows().size(),
                    " rows; the shares are split already. How many minutes in the chair, at usual speeds?");
            return Optional.of(draft.about(
                    plan, shows(draft.level()), asked, new Ask.Number(RANGE, STEP, "minutes"), new Taken(plan, right)));
        }

        private record Taken(InstallPlan plan, Interval right) implements Key {
            @Override
            public Answer.Said solution() {
                return new Answer.Said(STEP * Math.rint(plan.time().inChair().likely() / STEP));
            }

            @Override
            public Verdict judge(Answer answer) {
                double said = Answers.said(answer);
                Estimate minutes = plan.time().inChair();
                double off = Math.abs(said - minutes.likely());
                Sentence reason = Sentence.of(
                        Quantity.minutes(minutes.low()),
                        " to ",
                        Quantity.minutes(minutes.high()),
                        ", likely ",
                        Quantity.minutes(minutes.likely()),
                        ": ",
                        plan.stations().size(),
                        " shares to hook and ",
                        plan.foundation().rows().size(),
                        " rows to braid.");
                boolean isRight = right.min() - STEP / 2 <= said && said <= right.max() + STEP / 2;
                return new Verdict(isRight, Math.max(0, 1 - off / minutes.likely()), reason, solution());
            }
        }
    }
}
