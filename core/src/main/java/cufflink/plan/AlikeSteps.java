package cufflink.plan;

import cufflink.design.PanelRef;
import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign;
import cufflink.words.Message;
import cufflink.words.Numbered;
import cufflink.words.StepWords;
import cufflink.words.Vocabulary;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Brings steps together that do the same with parts of one design, or with pieces that are only numbered, as hands do
 * it: three sleeves are scored one after the other at one setting of the fence, then folded one after the other. A step
 * joins an earlier one if it reads the same but for the name, and if nothing that is done to its part, or to what sits
 * on that, comes in between. Numbered pieces are glued each by itself: where they go is what tells them apart.
 */
final class AlikeSteps {
    private final List<Like> likes = new ArrayList<>();
    /** By name: the first one of its kind. */
    private final Map<String, Like> leaders = new LinkedHashMap<>();
    private final List<List<Owned>> done = new ArrayList<>();

    /**
     * What has others like it.
     *
     * @param kind what they have in common
     * @param on   the piece that it sits on
     */
    private record Like(String name, String label, String kind, Predicate<String> has, Optional<String> on) {
        static Like of(PartDefinition part) {
            return new Like(part.name(), part.label(), part.design().id(), part::has,
                    part.seat().on().map(PanelRef::piece));
        }

        static Like of(SizedDesign.Piece piece) {
            return new Like(piece.id(), piece.label(), piece.label().replaceAll("\\d+", "#"), piece.id()::equals,
                    Optional.empty());
        }
    }

    /**
     * A step and what it has to do with.
     *
     * @param said all that it says, each thing called by the name of the first one of its kind
     */
    private record Owned(RunStep step, Optional<Like> owner, List<String> said) {
        boolean isOf(Like other) {
            return owner.filter(own -> own.name().equals(other.name())).isPresent();
        }
    }

    private AlikeSteps(SizedDesign design, boolean isGluing) {
        design.parts().stream().map(Like::of).forEach(likes::add);
        if (!isGluing) {
            design.pieces().stream().filter(piece -> design.parts().stream().noneMatch(part -> part.has(piece.id())))
                    .map(Like::of).forEach(likes::add);
        }
        likes.forEach(like -> leaders.put(like.name(),
                likes.stream().filter(other -> other.kind().equals(like.kind())).findFirst().orElseThrow()));
    }

    /** The steps of a phase, alike ones together. */
    static List<RunStep> together(SizedDesign design, List<RunStep> steps) {
        AlikeSteps alike = new AlikeSteps(design, steps.stream().anyMatch(step -> step.phase() == Phase.GLUE));
        if (alike.leaders.values().stream().map(Like::name).distinct().count() == alike.likes.size()) {
            return List.copyOf(steps);
        }
        steps.forEach(alike::take);
        return alike.done.stream().map(AlikeSteps::told).toList();
    }

    private void take(RunStep step) {
        Owned taken = new Owned(step, owner(step), said(step));
        int from = taken.owner().map(this::lastOf).orElse(done.size());
        for (int i = from; i < done.size() && taken.owner().isPresent(); i++) {
            if (isAlike(done.get(i), taken)) {
                done.get(i).add(taken);
                return;
            }
        }
        done.add(new ArrayList<>(List.of(taken)));
    }

    /** The last step that has to do with a thing or with what sits on it; it may join a later one, or this one. */
    private int lastOf(Like like) {
        for (int i = done.size() - 1; i >= 0; i--) {
            if (done.get(i).stream()
                    .anyMatch(step -> step.owner().filter(owner -> isOn(owner, like)).isPresent())) {
                return i;
            }
        }
        return 0;
    }

    /** Whether a thing is another, or sits on it, or on what does. */
    private boolean isOn(Like like, Like host) {
        return like.name().equals(host.name()) || like.on().flatMap(this::ownerOf)
                .filter(next -> !next.name().equals(like.name()) && isOn(next, host)).isPresent();
    }

    private boolean isAlike(List<Owned> earlier, Owned step) {
        Like owner = step.owner().orElseThrow();
        return earlier.get(0).owner().filter(first -> leaders.get(first.name()) == leaders.get(owner.name()))
                .isPresent() && earlier.stream().noneMatch(one -> one.isOf(owner))
                && earlier.get(0).said().equals(step.said());
    }

    /** What a step has to do with: the innermost that has its piece. */
    private Optional<Like> owner(RunStep step) {
        return step.subject().accept(new StepPiece()).flatMap(this::ownerOf);
    }

    private Optional<Like> ownerOf(String piece) {
        return likes.stream().filter(like -> like.has().test(piece))
                .max(Comparator.comparingInt(like -> like.name().length()));
    }

    private List<String> said(RunStep step) {
        List<String> said = new ArrayList<>(List.of(step.title(), step.text(), step.caution()));
        step.readings().forEach(reading -> said.addAll(List.of(reading.label(), reading.length().toString(),
                reading.size().toString(), String.valueOf(reading.rounded()), reading.fold().toString())));
        return said.stream().map(this::called).toList();
    }

    private String called(String text) {
        String called = text;
        for (Like like : likes) {
            Like leader = leaders.get(like.name());
            called = called.replace(like.label(), leader.label())
                    .replace(like.label().toLowerCase(Locale.ROOT), leader.label().toLowerCase(Locale.ROOT));
        }
        return called;
    }

    private static RunStep told(List<Owned> together) {
        RunStep first = together.get(0).step();
        if (together.size() == 1) {
            return first;
        }
        List<Message> told = new ArrayList<>(first.told());
        List<String> labels = together.stream().map(other -> other.owner().orElseThrow().label()).toList();
        told.add(StepWords.DO_WITH.of("parts",
                Vocabulary.and(Numbered.runs(labels.stream().map(label -> label.toLowerCase(Locale.ROOT)).toList()))));
        List<String> titles = together.stream()
                .map(other -> unnumbered(other.step().title(), other.owner().orElseThrow().label())).distinct()
                .toList();
        return new RunStep(first.number(), first.phase(),
                StepWords.TIMES.of("count", together.size(), "title",
                        titles.size() == 1 ? titles.get(0) : Numbered.without(titles.get(0))),
                told,
                first.warned(), first.subject(), first.readings(),
                together.stream().flatMap(other -> other.step().subjects().stream()).skip(1).toList());
    }

    /** A title that is not about the first of several alone. */
    private static String unnumbered(String title, String first) {
        return title.startsWith(first + " · ") ? title.substring(first.length() + 3)
                : title.replace(first, first.replaceAll(" \\d+$", ""));
    }
}
