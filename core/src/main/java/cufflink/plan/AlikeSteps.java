package cufflink.plan;

import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign;
import cufflink.words.Message;
import cufflink.words.StepWords;
import cufflink.words.Vocabulary;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Brings steps together that do the same with parts of one design, as hands do it: three sleeves are scored one after
 * the other at one setting of the fence, then folded one after the other. A step joins an earlier one if it reads the
 * same but for the part's name, and if nothing that is done to its part, or to what sits on that, comes in between.
 */
final class AlikeSteps {
    private final List<PartDefinition> parts;
    /** By a part's name: the first one of its design. */
    private final Map<String, PartDefinition> leaders = new LinkedHashMap<>();
    private final List<List<Owned>> done = new ArrayList<>();

    /**
     * A step and the part that it has to do with.
     *
     * @param said all that it says, each part called by the name of the first one of its design
     */
    private record Owned(RunStep step, Optional<PartDefinition> owner, List<String> said) {
        boolean isOf(PartDefinition part) {
            return owner.filter(own -> own.name().equals(part.name())).isPresent();
        }
    }

    private AlikeSteps(SizedDesign design) {
        this.parts = design.parts();
        parts.forEach(part -> leaders.put(part.name(), parts.stream()
                .filter(other -> other.design().id().equals(part.design().id())).findFirst().orElseThrow()));
    }

    /** The steps of a phase, alike ones together. */
    static List<RunStep> together(SizedDesign design, List<RunStep> steps) {
        AlikeSteps alike = new AlikeSteps(design);
        if (alike.leaders.values().stream().map(PartDefinition::name).distinct().count() == alike.parts.size()) {
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

    /** The last step that has to do with a part or with what sits on it; it may join a later one, or this one. */
    private int lastOf(PartDefinition part) {
        for (int i = done.size() - 1; i >= 0; i--) {
            if (done.get(i).stream()
                    .anyMatch(step -> step.owner().filter(owner -> isOn(owner, part)).isPresent())) {
                return i;
            }
        }
        return 0;
    }

    /** Whether a part is another, or sits on one of its panels, or on what does. */
    private boolean isOn(PartDefinition part, PartDefinition host) {
        return part.name().equals(host.name()) || part.seat().on().flatMap(on -> ownerOf(on.piece()))
                .filter(next -> !next.name().equals(part.name()) && isOn(next, host)).isPresent();
    }

    private boolean isAlike(List<Owned> earlier, Owned step) {
        PartDefinition owner = step.owner().orElseThrow();
        return earlier.get(0).owner().filter(first -> leaders.get(first.name()) == leaders.get(owner.name()))
                .isPresent() && earlier.stream().noneMatch(one -> one.isOf(owner))
                && earlier.get(0).said().equals(step.said());
    }

    /** The part that a step has to do with: the innermost that has its piece. */
    private Optional<PartDefinition> owner(RunStep step) {
        return step.subject().accept(new StepPiece()).flatMap(this::ownerOf);
    }

    private Optional<PartDefinition> ownerOf(String piece) {
        return parts.stream().filter(part -> part.has(piece))
                .max(Comparator.comparingInt(part -> part.name().length()));
    }

    private List<String> said(RunStep step) {
        List<String> said = new ArrayList<>(List.of(step.title(), step.text(), step.caution()));
        step.readings().forEach(reading -> said.addAll(List.of(reading.label(), reading.length().toString(),
                reading.size().toString(), String.valueOf(reading.rounded()), reading.fold().toString())));
        return said.stream().map(this::called).toList();
    }

    private String called(String text) {
        String called = text;
        for (PartDefinition part : parts) {
            PartDefinition leader = leaders.get(part.name());
            called = called.replace(part.label(), leader.label())
                    .replace(part.label().toLowerCase(Locale.ROOT), leader.label().toLowerCase(Locale.ROOT));
        }
        return called;
    }

    private static RunStep told(List<Owned> together) {
        RunStep first = together.get(0).step();
        List<Owned> others = together.subList(1, together.size());
        if (others.isEmpty()) {
            return first;
        }
        List<Message> told = new ArrayList<>(first.told());
        told.add(StepWords.SAME_WITH.of("parts", Vocabulary.and(others.stream()
                .map(other -> other.owner().orElseThrow().label().toLowerCase(Locale.ROOT)).toList())));
        return new RunStep(first.number(), first.phase(),
                StepWords.TIMES.of("count", together.size(), "title", first.called()), told, first.warned(),
                first.subject(), first.readings(), others.stream().map(other -> other.step().subject()).toList());
    }
}
