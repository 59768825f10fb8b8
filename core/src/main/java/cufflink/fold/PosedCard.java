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
        return pose(closed, Later.NOTHING, poses, ofPart);
    }

    /**
     * The same.
     *
     * @param later what is there in the poses in which the card is put together, and in those that follow them
     */
    public static List<PosedCard> pose(FlatFoldedState closed, Later later, Map<String, Pose> poses,
            Predicate<String> ofPart) {
        Assembly joined = closed.state().assembly().joinedAsIn(closed.state());
        Map<Assembly, Folder> folders = new HashMap<>();
        Map<String, FoldedState> known = new LinkedHashMap<>();
        List<PosedCard> posed = new ArrayList<>();
        poses.forEach((name, pose) -> {
            if (pose.built()) {
                PosedCard built = pose.round()
                        .map(round -> opened(name, RoundForm.of(round, closed.state(), later), closed))
                        .orElseGet(() -> built(name, pose, closed, later.on(joined)));
                built.state().value().ifPresent(there -> known.put(name, there));
                posed.add(built);
                return;
            }
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
                    .flatMap(there -> PathChecker.obstacle(motion, layers(closed, from), Set.of()));
            state.value().ifPresent(there -> known.put(name, there));
            posed.add(new PosedCard(name, motion, state, obstacle));
        });
        return posed;
    }

    /** The closed card's layers tell nothing of what is glued on when it stands. */
    private static Optional<FlatFoldedState> layers(FlatFoldedState closed, FoldedState from) {
        return Optional.of(closed).filter(flat -> flat.state().position().keySet().containsAll(
                from.assembly().panels()));
    }

    /** Put together so, with no way there: only that it hangs together, and that nothing stands across anything. */
    private static PosedCard built(String name, Pose pose, FlatFoldedState closed, Assembly whole) {
        Folder folder = new Folder(whole);
        Map<CreaseRef, Double> angles = new LinkedHashMap<>();
        whole.creases().forEach(crease -> angles.put(crease, pose.others().orElse(closed.state().angle(crease))));
        angles.putAll(pose.angles());
        angles.keySet().retainAll(whole.creases());
        Outcome<FoldedState> state = folder.follow(angles, angles, List.of(pose.angles().keySet(), Set.of()))
                .then(there -> reached(there, pose));
        Optional<Problem> obstacle = state.value().flatMap(Crossings::first)
                .map(pair -> Problem.error(pair.get(0).piece(), FoldWords.STANDS_ACROSS.of("panel",
                        whole.panel(pair.get(0)).label(), "other", whole.panel(pair.get(1)).label())));
        return new PosedCard(name, staying(state, closed), state, obstacle);
    }

    private static PosedCard opened(String name, Outcome<FoldedState> state, FlatFoldedState closed) {
        return new PosedCard(name, staying(state, closed), state, Optional.empty());
    }

    /** No motion: it is there, or the closed card instead. */
    private static FoldMotion staying(Outcome<FoldedState> state, FlatFoldedState closed) {
        FoldedState shown = state.value().orElse(closed.state());
        return new FoldMotion(new Folder(shown.assembly()), shown, Map.of(), Set.of());
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
