package cufflink.fit;

import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.paper.Contents;
import cufflink.paper.NamedSize;

/** What a project is fitted to. */
public sealed interface Wish {
    /** The design's own defaults. */
    record AsDesigned() implements Wish {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.asDesigned(this);
        }
    }

    /** A closed size. */
    record FinishedSize(Length width, Length height) implements Wish {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.finishedSize(this);
        }
    }

    /**
     * An envelope to fill.
     *
     * @param ease what the envelope must be larger than the card, each way; the card's thickness counts where it is
     *             more
     */
    record InEnvelope(NamedSize envelope, Length ease) implements Wish {
        /** What makers of either unit leave (common practice). */
        public static Length usualEase(LengthUnit unit) {
            return unit == LengthUnit.INCH ? Length.ofInches(1, 8) : Length.ofMillimetres(3);
        }

        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.inEnvelope(this);
        }
    }

    /**
     * The largest size that comes out of some sheets.
     *
     * @param name   of the sheet as shown
     * @param sheets how many of them all copies together may take, 1 or more; where so many cards are to come out of
     *               one sheet, as many as they need
     */
    record FromSheet(String name, Length width, Length height, int sheets, SheetUse use) implements Wish {
        public FromSheet {
            if (sheets < 1 || !width.isPositive() || !height.isPositive()) {
                throw new IllegalArgumentException(
                        "sheets, width and height must be positive: " + sheets + ", " + width + ", " + height);
            }
        }

        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.fromSheet(this);
        }
    }

    /** The smallest size that holds something. */
    record Holding(Contents item) implements Wish {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.holding(this);
        }
    }

    /** What to do in each case. */
    interface Cases<R> {
        R asDesigned(AsDesigned wish);

        R finishedSize(FinishedSize size);

        R inEnvelope(InEnvelope envelope);

        R fromSheet(FromSheet sheet);

        R holding(Holding holding);
    }

    /** Does what its case asks for. */
    <R> R accept(Cases<R> cases);
}
