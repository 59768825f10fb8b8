package cufflink.plan;

import cufflink.design.SizedDesign;
import cufflink.score.ScoreSetup;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * How things are called in the numbers of a step that is told by the first of several alike: the second score of the
 * one stands for the second score of the other.
 */
final class HandNames {
    private final Map<String, String> called = new HashMap<>();

    private HandNames(List<String> own, List<String> first) {
        for (int i = 0; i < Math.min(own.size(), first.size()); i++) {
            called.put(own.get(i), first.get(i));
        }
    }

    static HandNames of(Workings plan, StepSubject first, StepSubject subject) {
        return new HandNames(names(plan, subject), names(plan, first));
    }

    /** The cut-outs and slits of a piece that a step makes. */
    static Set<String> cuts(Workings plan, RunStep step, String piece) {
        Set<String> cuts = new LinkedHashSet<>();
        for (StepSubject subject : step.subjects()) {
            if (subject instanceof StepSubject.OfPiece of && of.piece().equals(piece)) {
                HandNames names = of(plan, step.subject(), subject);
                Set<String> told = step.readings().stream().map(Reading::id).collect(Collectors.toSet());
                SizedDesign.Piece cut = plan.design().piece(piece);
                Stream.concat(cut.cutOuts().stream().map(SizedDesign.CutOut::id),
                        cut.slits().stream().map(SizedDesign.Slit::id))
                        .filter(id -> told.contains(names.called(id)) || told.contains(names.called(id + " mark 1")))
                        .forEach(cuts::add);
            }
        }
        return cuts;
    }

    /** What stands in the step for an id of its own. */
    String called(String id) {
        return called.getOrDefault(id, id);
    }

    private static List<String> names(Workings plan, StepSubject subject) {
        List<String> names = new ArrayList<>();
        if (subject instanceof StepSubject.OfScores scores) {
            scores.setup().positions().stream().map(ScoreSetup.Position::score).forEach(names::add);
            scores.setup().slants().forEach(slant -> names
                    .addAll(List.of(slant.score() + Slanting.FROM, slant.score() + Slanting.TO)));
        } else if (subject instanceof StepSubject.OfPiece of) {
            SizedDesign.Piece piece = plan.design().piece(of.piece());
            names.add(piece.id());
            piece.cutOuts().forEach(cut -> {
                Stream.of("", " size", " corners").forEach(more -> names.add(cut.id() + more));
                for (int i = 1; i <= cut.numbers().size() / 2; i++) {
                    names.add(KnifeMark.id(cut, i));
                }
            });
            piece.slits().forEach(
                    slit -> Stream.of("", " from", " to", " end").forEach(more -> names.add(slit.id() + more)));
            CutPart.of(plan.project(), piece).forEach(part -> names
                    .add(piece.id() + " lap " + part.id().substring(part.id().lastIndexOf(' ') + 1)));
        } else if (subject instanceof StepSubject.OfGlue glue) {
            names.addAll(List.of(glue.glue().id() + " x", glue.glue().id() + " y"));
        } else if (subject instanceof StepSubject.OfTrim trim) {
            names.addAll(List.of(trim.id() + " x", trim.id() + " y"));
            plan.design().soft().stream().filter(soft -> soft.id().equals(trim.id())).forEach(soft -> {
                for (int i = 1; i <= soft.way().size(); i++) {
                    names.addAll(List.of(soft.id() + " " + i + " x", soft.id() + " " + i + " y"));
                }
            });
        }
        return names;
    }
}
