package cufflink.fit;

import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.Pocket;
import cufflink.measure.Length;
import cufflink.paper.Contents;
import java.util.Optional;

/**
 * How contents sit in a pocket; a negative margin is too little.
 *
 * @param width what the pocket is wider than the contents, less the play
 * @param room  what the space from the closed end to the card's edge is longer than the contents
 * @param held  what of the contents is in the pocket beyond the third that keeps them from tipping out
 * @param reach what can be gripped beyond what is wanted
 */
public record PocketFit(Length width, Length room, Length held, Length reach) {
    /** Snug, not tight: what a pocket is to be wider than its contents (common practice). */
    public static final Length PLAY = Length.ofInches(1, 8);

    /** How the contents of a pocket's measure sit in it. */
    public static PocketFit of(Pocket pocket, Contents item) {
        Length inside = Length.shorter(pocket.depth().length(), item.height());
        return new PocketFit(pocket.width().length().minus(item.width()).minus(PLAY), pocket.room().length().minus(item.height()),
                inside.minus(Length.ofNanometres(item.height().nanometres() / 3)), pocket.reach().length().minus(pocket.reachWanted()));
    }

    /** Whether the contents go in and stay inside the card. */
    public boolean holds() {
        return !width.isNegative() && !room.isNegative() && !held.isNegative();
    }

    /** What the design puts into a pocket. */
    public static Optional<Contents> contents(SizedDesign design, Pocket pocket) {
        return design.measures().get(pocket.definition().holds()).flatMap(sized -> sized.contents());
    }
}
