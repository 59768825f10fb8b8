package cufflink.fold;

import cufflink.design.CreaseRef;
import cufflink.design.SizedDesign.Pose;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FoldWords;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * The card in one of its named poses.
 *
 * @param name     of the pose
 * @param motion   the way there from the closed card or from another pose
 * @param state    the card, or where it cannot close its loops
 * @param obstacle what is in the way as it gets there
 */
public record PosedCard(String name, FoldMotion motion, Outcome<FoldedState> state, Optional<Problem> obstacle) {
    /** Degrees by which a crease may miss the angle its pose asks for. */
    private static final double REACHED = 1;

    /**
     * All poses of a closed card in the order of the design; a pose reached from another follows it.
     *
     * @param ofPart whether a piece is that of a part; what a pose says of all other creases is not said of its creases
     */
    public static List<PosedCard> pose(FlatFoldedState closed, Map<String, Pose> poses, Predicate<String> ofPart) {
        Assembly joined = closed.state().assembly().joinedAsIn(closed.state());
        Map<Assembly, Folder> folders = new HashMap<>();
        Map<String, FoldedState> known = new LinkedHashMap<>();
        List<PosedCard> posed = new ArrayList<>();
        poses.forEach((name, pose) -> {
            Assembly tied = joined;
            for (CreaseRef angle : pose.angles().keySet()) {
                tied = tied.tiedBy(angle);
            }
            Optional<FoldedState> before = pose.after().map(known::get);
            // A pose goes on with what holds the card in the one before it.
            Folder folder = folders.computeIfAbsent(before.map(FoldedState::assembly).orElse(tied), Folder::new);
            FoldedState from = before.orElseGet(() -> folder.fold(closed.state().angles()).orThrow());
            FoldMotion motion = new FoldMotion(folder, from, angles(from, pose, ofPart),
                    pose.angles().keySet());
            Outcome<FoldedState> state = motion.end().then(end -> reached(end, pose));
            Optional<Problem> obstacle = state.value()
                    .flatMap(there -> PathChecker.obstacle(motion, Optional.of(closed), Set.of()));
            state.value().ifPresent(there -> known.put(name, there));
            posed.add(new PosedCard(name, motion, state, obstacle));
        });
        return posed;
    }

    private static Outcome<FoldedState> reached(FoldedState end, Pose pose) {
        for (Map.Entry<CreaseRef, Double> wanted : pose.angles().entrySet()) {
            if (!end.assembly().tiedBy(wanted.getKey()).equals(end.assembly())) {
                return Outcome.failed(Problem.error(wanted.getKey().piece(),
                        FoldWords.HELD_ELSEWHERE.of("joint", wanted.getKey().crease())));
            }
            double stands = end.angle(wanted.getKey());
            if (end.assembly().creases().contains(wanted.getKey()) && Math.abs(stands - wanted.getValue()) > REACHED) {
                return Outcome.failed(Problem.error(wanted.getKey().piece(),
                        FoldWords.POSE_OUT_OF_REACH.of("crease", wanted.getKey().crease(), "stops", Math.round(stands),
                                "wanted", Math.round(wanted.getValue()))));
            }
        }
        return Outcome.of(end);
    }

    private static Map<CreaseRef, Double> angles(FoldedState from, Pose pose, Predicate<String> ofPart) {
        Map<CreaseRef, Double> angles = new LinkedHashMap<>();
        from.assembly().creases().forEach(crease -> angles.put(crease, ofPart.test(crease.piece()) ? from.angle(crease)
                : pose.others().orElse(from.angle(crease))));
        angles.putAll(pose.angles());
        angles.keySet().retainAll(from.assembly().creases());
        return angles;
    }
}
