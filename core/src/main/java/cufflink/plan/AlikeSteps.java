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
    /** By part: the first one of its design. */
    private final Map<PartDefinition, PartDefinition> leaders = new LinkedHashMap<>();
    private final List<Together> done = new ArrayList<>();

    /** Steps that are one. */
    private record Together(List<RunStep> steps) {
        RunStep first() {
            return steps.get(0);
        }
    }

    private AlikeSteps(SizedDesign design) {
        this.parts = design.parts();
        parts.forEach(part -> leaders.put(part, parts.stream()
                .filter(other -> other.design().id().equals(part.design().id())).findFirst().orElseThrow()));
    }

    /** The steps of a phase, alike ones together. */
    static List<RunStep> together(SizedDesign design, List<RunStep> steps) {
        AlikeSteps alike = new AlikeSteps(design);
        steps.forEach(alike::take);
        return alike.done.stream().map(alike::told).toList();
    }

    private void take(RunStep step) {
        Optional<PartDefinition> owner = owner(step);
        int from = owner.map(this::lastOf).orElse(done.size());
        for (int i = from; i < done.size() && owner.isPresent(); i++) {
            if (isAlike(done.get(i), step, owner.get())) {
                done.get(i).steps().add(step);
                return;
            }
        }
        done.add(new Together(new ArrayList<>(List.of(step))));
    }

    /** The last step that has to do with a part or with what sits on it; it may join a later one, or this one. */
    private int lastOf(PartDefinition part) {
        for (int i = done.size() - 1; i >= 0; i--) {
            if (done.get(i).steps().stream()
                    .anyMatch(step -> owner(step).filter(owner -> isOn(owner, part)).isPresent())) {
                return i;
            }
        }
        return 0;
    }

    /** Whether a part is another, or sits on one of its panels, or on what does. */
    private boolean isOn(PartDefinition part, PartDefinition host) {
        return part.equals(host) || part.seat().on().flatMap(on -> ownerOf(on.piece() + "."))
                .filter(next -> !next.equals(part) && isOn(next, host)).isPresent();
    }

    private boolean isAlike(Together earlier, RunStep step, PartDefinition owner) {
        Optional<PartDefinition> first = owner(earlier.first());
        return first.isPresent() && !first.get().equals(owner)
                && leaders.get(first.get()).equals(leaders.get(owner))
                && earlier.steps().stream().noneMatch(one -> owner(one).filter(owner::equals).isPresent())
                && said(earlier.first()).equals(said(step));
    }

    /** The part that a step has to do with: the innermost that has its piece. */
    private Optional<PartDefinition> owner(RunStep step) {
        return step.subject().accept(new StepPiece()).flatMap(this::ownerOf);
    }

    private Optional<PartDefinition> ownerOf(String piece) {
        return parts.stream().filter(part -> part.has(piece))
                .max(Comparator.comparingInt(part -> part.name().length()));
    }

    /** All that a step says, each part called by the name of the first one of its design. */
    private List<String> said(RunStep step) {
        List<String> said = new ArrayList<>(List.of(step.title(), step.text(), step.caution()));
        step.readings().forEach(reading -> said.addAll(List.of(reading.label(), reading.length().toString(),
                reading.size().toString(), String.valueOf(reading.rounded()), reading.fold().toString())));
        return said.stream().map(this::called).toList();
    }

    private String called(String text) {
        String called = text;
        for (PartDefinition part : parts) {
            PartDefinition leader = leaders.get(part);
            called = called.replace(part.label(), leader.label())
                    .replace(part.label().toLowerCase(Locale.ROOT), leader.label().toLowerCase(Locale.ROOT));
        }
        return called;
    }

    private RunStep told(Together together) {
        RunStep first = together.first();
        List<RunStep> others = together.steps().subList(1, together.steps().size());
        if (others.isEmpty()) {
            return first;
        }
        List<Message> told = new ArrayList<>(first.told());
        told.add(StepWords.SAME_WITH.of("parts", Vocabulary.and(others.stream()
                .map(step -> owner(step).orElseThrow().label().toLowerCase(Locale.ROOT)).toList())));
        return new RunStep(first.number(), first.phase(),
                StepWords.TIMES.of("count", together.steps().size(), "title", first.called()), told, first.warned(),
                first.subject(), first.readings(), others.stream().map(RunStep::subject).toList());
    }
}
