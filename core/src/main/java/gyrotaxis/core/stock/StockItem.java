package gyrotaxis.core.stock;

import gyrotaxis.core.quantity.Require;

/** Something that lies on a shelf and is counted there. */
public sealed interface StockItem {
    /** Parts of a loop: the least number of which halves, thirds and so on to eighths are whole numbers. */
    int PARTS = 840;

    int MAX_NAME_LENGTH = 80;

    /** In what it is counted. */
    Unit unit();

    /** What a good is counted in: whole numbers of this. */
    enum Unit {
        PACK("pack", 1),
        LOOP("loop", PARTS),
        CENTIMETRE("cm", 10),
        PIECE("piece", 1),
        METRE("m", 100),
        MILLILITRE("ml", 1);

        private final String words;
        private final int parts;

        Unit(String words, int parts) {
            this.words = words;
            this.parts = parts;
        }

        /** What one is called. */
        public String words() {
            return words;
        }

        /** What so many are called: what is counted has a plural, what is measured has none. */
        public String words(double amount) {
            boolean isCounted = this == PACK || this == LOOP || this == PIECE;
            return isCounted && amount != 1 ? words + "s" : words;
        }

        /** How many of the smallest measure make one. */
        public int parts() {
            return parts;
        }
    }

    /** Hair of one line and colour. */
    sealed interface OfHair extends StockItem {
        LineId line();

        String colour();

        /** What its pack says of its lot; may be empty. */
        String lot();
    }

    /**
     * Packs that are not opened yet.
     *
     * @param loops loops in each, at least 1
     */
    record Packs(LineId line, String colour, String lot, int loops) implements OfHair {
        public Packs {
            Require.atLeast(1, loops, "loops", "loops");
            colour = Require.text(colour, MAX_NAME_LENGTH, "colour");
        }

        @Override
        public Unit unit() {
            return Unit.PACK;
        }
    }

    /** Loops out of an open pack, or washed ones; of loose fibre, tufts. */
    record Loops(LineId line, String colour, String lot, Grade grade) implements OfHair {
        public Loops {
            colour = Require.text(colour, MAX_NAME_LENGTH, "colour");
        }

        @Override
        public Unit unit() {
            return Unit.LOOP;
        }
    }

    /** In which state loops are. */
    enum Grade {
        NEW("new"),
        GOOD("washed, good as new"),
        FAIR("washed, for the back"),
        WORN("washed, for fills behind");

        private final String words;

        Grade(String words) {
            this.words = words;
        }

        /** What a stylist says. */
        public String words() {
            return words;
        }
    }

    /** Weft by its length. */
    record Weft(LineId line, String colour, String lot) implements OfHair {
        public Weft {
            colour = Require.text(colour, MAX_NAME_LENGTH, "colour");
        }

        @Override
        public Unit unit() {
            return Unit.CENTIMETRE;
        }
    }

    /**
     * Anything else that is used up or used.
     *
     * @param what which of its kind: "13 mm, clear"; may be empty
     */
    record Thing(Kind kind, String what) implements StockItem {
        @Override
        public Unit unit() {
            return kind.unit;
        }
    }

    /** Kinds of what else is used. */
    enum Kind {
        CAP("mesh cap", Unit.PIECE),
        CAP_ON_COMBS("mesh cap on combs", Unit.PIECE),
        MESH("mesh", Unit.PIECE),
        BANDS("small elastic bands", Unit.PIECE),
        THREAD("thread", Unit.METRE),
        LOTION("setting lotion", Unit.MILLILITRE),
        HOOK("latch hook", Unit.PIECE);

        private final String words;
        private final Unit unit;

        Kind(String words, Unit unit) {
            this.words = words;
            this.unit = unit;
        }

        /** What it is called. */
        public String words() {
            return words;
        }

        /** In what it is counted. */
        public Unit unit() {
            return unit;
        }
    }
}
