package cufflink.fit;

import cufflink.cut.CutJob;
import cufflink.cut.LayoutPlan;
import cufflink.design.Given;
import cufflink.design.SizedDesign;
import cufflink.problem.Outcome;
import cufflink.stack.ClosedSize;
import java.util.Optional;
import java.util.OptionalInt;

/** What fitting asks of the project around the design. */
public interface FitContext {
    /** What the maker has set; it stays. */
    Given given();

    /** The design at what is given, as large as its later stages make it. */
    Outcome<SizedDesign> sized(Given given);

    /**
     * The same while a size is sought for what the card holds: what goes round the card has no say in that, and is not
     * sized for it.
     */
    Outcome<SizedDesign> tried(Given given);

    /** How many are made. */
    int copies();

    /**
     * What copies of a design are cut from the sheets that it is fitted to. Pieces of other papers are none of its
     * business.
     *
     * @param count how many of the sheets there are; empty: as many as needed
     */
    CutJob job(SizedDesign design, Wish.FromSheet sheet, int copies, OptionalInt count);

    LayoutPlan layout(CutJob job);

    /** The folded card with what goes round it; empty while something does not close. */
    Optional<ClosedSize> closed(SizedDesign design);
}
