package cufflink.fit;

import cufflink.design.SizedDesign.Pocket;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.paper.Contents;

/**
 * How contents sit in a flat pocket; a negative margin is too little. Something thick takes more of it than its own
 * size. Across: front and back go round it, so half of its girth, width + thickness at its rim, must fit into the
 * pocket's width. Upright: at the closed end both go from the middle of its thickness round its edge, so that it stands
 * half its thickness away from the fold.
 *
 * @param width what the pocket is wider than half the girth of the contents, less the play; nothing where its sides are
 *              open; of one that takes a corner of them, what it takes beyond a third of their width
 * @param room  what the space from the closed end to the card's edge is longer than the contents and half their
 *              thickness
 * @param held  what of the contents is in the pocket beyond the third that keeps them from tipping out
 * @param reach what can be gripped beyond what is wanted
 */
public record PocketFit(Length width, Length room, Length held, Length reach) {
    /** Snug, not tight: what a pocket is to be wider than its contents (common practice). */
    private static final Length PLAY_INCH = Length.ofInches(1, 8);
    private static final Length PLAY_METRIC = Length.ofMillimetres(3);

    /** How the contents of a pocket's measure sit in it. */
    public static PocketFit of(Pocket pocket, Contents item, LengthUnit unit) {
        Length half = Length.ofNanometres(item.thickness().nanometres() / 2);
        Length play = unit == LengthUnit.INCH ? PLAY_INCH : PLAY_METRIC;
        Length inside = Length.shorter(pocket.depth().length().minus(half), item.height());
        Length width = pocket.definition().space().stuck() ? Length.ZERO
                : pocket.definition().space().corner()
                        ? Length.shorter(pocket.width().length(), item.width())
                                .minus(Length.ofNanometres(item.width().nanometres() / 3))
                : pocket.width().length().minus(item.width()).minus(item.rim()).minus(play);
        return new PocketFit(width,
                pocket.room().length().minus(item.height()).minus(half),
                inside.minus(Length.ofNanometres(item.height().nanometres() / 3)),
                pocket.reach().length().minus(pocket.reachWanted()));
    }

    /** Whether the contents go in and stay inside the card. */
    public boolean holds() {
        return !width.isNegative() && !room.isNegative() && !held.isNegative();
    }
}
