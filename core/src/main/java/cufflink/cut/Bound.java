package cufflink.cut;

import cufflink.measure.Length;
import java.util.List;

/**
 * Why no plan of a job does with fewer new sheets. It stands for itself: {@link BoundChecker} verifies it without
 * knowing how it was found.
 *
 * @param job    pieces that share their papers, and those papers; as free as the plan was, or freer
 * @param sheets new sheets that every plan needs
 */
public record Bound(CutJob job, int sheets, Reason reason) {
    /** The kinds of reasons. */
    public sealed interface Reason permits Area, Alone, Prices, Search {
        /** One word for it: {@code area}, {@code alone}, {@code prices} or {@code search}. */
        String word();

        /** Does what its kind asks for. */
        <R> R accept(Cases<R> cases);
    }

    /** What to do with each kind of reason. */
    public interface Cases<R> {
        R area(Area area);

        R alone(Alone alone);

        R prices(Prices prices);

        R search(Search search);
    }

    /** The pieces less all offcuts cover so many of the largest sheet. */
    public record Area() implements Reason {
        @Override
        public String word() {
            return "area";
        }

        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.area(this);
        }
    }

    /** So many pieces, of which no two go on one sheet, are more than there are offcuts. */
    public record Alone() implements Reason {
        @Override
        public String word() {
            return "alone";
        }

        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.alone(this);
        }
    }

    /** Rectangles alike, two triangles being one, and what each of them is counted for. */
    public record Priced(Length width, Length height, int count, long price) {
    }

    /** What a sheet of a stock holds at most, by any cuts from edge to edge, in those prices. */
    public record Held(String stock, long most) {
    }

    /**
     * Every rectangle has a price; what all of them cost, less what the offcuts hold at most, is more than fewer sheets
     * hold at most (dual values of the linear programme, made whole; Farley 1990, from memory).
     *
     * @param rectangles largest first
     * @param sheets     all stocks of the job, offcuts first
     */
    public record Prices(List<Priced> rectangles, List<Held> sheets) implements Reason {
        public Prices {
            rectangles = List.copyOf(rectangles);
            sheets = List.copyOf(sheets);
        }

        @Override
        public String word() {
            return "prices";
        }

        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.prices(this);
        }
    }

    /**
     * Every way with fewer sheets was tried.
     *
     * @param selections of rectangles for one sheet that were looked at
     */
    public record Search(long selections) implements Reason {
        @Override
        public String word() {
            return "search";
        }

        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.search(this);
        }
    }
}
