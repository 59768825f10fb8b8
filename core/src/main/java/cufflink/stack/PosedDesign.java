package cufflink.stack;

import cufflink.fold.PosedCard;
import cufflink.measure.RulerStep;
import java.util.List;

/**
 * A design that has gone through all stages, opened: the card in its poses, and the soft pieces held against them.
 *
 * @param poses     of the closed card; none while it does not close
 * @param soft      measured in the closed card and in every pose
 * @param adornment the ornaments, held against the closed card and every pose
 */
public record PosedDesign(StackedDesign stacked, List<PosedCard> poses, List<SoftWay> soft, Adornment adornment) {
    public PosedDesign {
        poses = List.copyOf(poses);
        soft = List.copyOf(soft);
    }

    /** The card in every pose that its design names. */
    public static PosedDesign of(StackedDesign stacked, RulerStep step) {
        List<PosedCard> poses = stacked.flat()
                .map(flat -> PosedCard.pose(flat, stacked.later(), stacked.design().poses(),
                        stacked.design()::isOfPart))
                .orElse(List.of());
        return new PosedDesign(stacked, poses, SoftMeasurer.measure(stacked, poses, step),
                OrnamentMeasurer.measure(stacked, poses));
    }
}
