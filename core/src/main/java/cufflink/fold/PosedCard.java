package cufflink.fold;

import cufflink.design.CreaseRef;
import cufflink.design.SizedDesign.Pose;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The card in one of its named poses.
 *
 * @param name     of the pose
 * @param from     the state from which it is reached
 * @param state    the card, or where it cannot close its loops
 * @param obstacle what is in the way as it gets there
 */
public record PosedCard(String name, FoldedState from, Outcome<FoldedState> state, Optional<Problem> obstacle) {
    /** All poses of a closed card in the order of the design; a pose reached from another follows it. */
    public static List<PosedCard> pose(FlatFoldedState closed, Map<String, Pose> poses) {
        Folder folder = new Folder(closed.state().assembly());
        Map<String, FoldedState> known = new LinkedHashMap<>();
        List<PosedCard> posed = new ArrayList<>();
        poses.forEach((name, pose) -> {
            FoldedState from = pose.after().map(known::get).orElse(closed.state());
            Outcome<FoldedState> state = folder.follow(angles(from, pose), pose.angles().keySet());
            Optional<FlatFoldedState> start = from.equals(closed.state()) ? Optional.of(closed) : Optional.empty();
            Optional<Problem> obstacle = state.value().flatMap(there -> PathChecker.obstacle(new FoldMotion(folder, from, there), start));
            state.value().ifPresent(there -> known.put(name, there));
            posed.add(new PosedCard(name, from, state, obstacle));
        });
        return posed;
    }

    private static Map<CreaseRef, Double> angles(FoldedState from, Pose pose) {
        Map<CreaseRef, Double> angles = new LinkedHashMap<>();
        from.assembly().creases().forEach(crease -> angles.put(crease, pose.others().orElse(from.angle(crease))));
        angles.putAll(pose.angles());
        angles.keySet().retainAll(from.assembly().creases());
        return angles;
    }

    /** The way there; only for a pose that can be taken. */
    public FoldMotion motion() {
        return FoldMotion.between(from, state.orThrow());
    }
}
