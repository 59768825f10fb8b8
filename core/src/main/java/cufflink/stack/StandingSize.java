package cufflink.stack;

import cufflink.design.DesignDefinition;
import cufflink.fold.FoldedState;
import cufflink.fold.Point3;
import cufflink.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * How large a finished thing is that has no flat form: between upright planes round it, and above what it stands on,
 * which is the panel that rests on the table.
 *
 * @param across as it is held
 * @param round  whether it is opened round and lies, not stands
 */
public record StandingSize(Length across, Length deep, Length high, boolean round) {
    /** Of a design that says in which pose it stays; absent for another, and where it cannot be put together so. */
    public static Optional<StandingSize> of(PosedDesign posed) {
        DesignDefinition design = posed.stacked().design().definition();
        return posed.poses().stream().filter(pose -> design.stands().filter(pose.name()::equals).isPresent())
                .findFirst().flatMap(pose -> pose.state().value()).map(state -> {
                    Length x = extent(state, Point3::x);
                    Length y = extent(state, Point3::y);
                    boolean turned = design.held().isTurned();
                    return new StandingSize(turned ? y : x, turned ? x : y, extent(state, Point3::z),
                            !state.twisted().isEmpty());
                });
    }

    private static Length extent(FoldedState state, ToDoubleFunction<Point3> along) {
        List<Point3> corners = state.assembly().panels().stream().flatMap(panel -> state.corners(panel).stream())
                .toList();
        double least = corners.stream().mapToDouble(along).min().orElse(0);
        double most = corners.stream().mapToDouble(along).max().orElse(0);
        return Length.nearestToMillimetres(most - least);
    }
}
