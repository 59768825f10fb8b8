package cufflink.plan;

import cufflink.design.Derivation;
import cufflink.design.Measure.Role;
import cufflink.design.Measures;
import cufflink.fit.Wish;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.problem.Problem;
import cufflink.words.DesignWords;
import cufflink.words.NoteWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Compares what was given with what is used. */
final class ChangeFinder {
    private ChangeFinder() {
    }

    static List<Changed> find(Project project, Measures measures, LengthFormat format) {
        List<Changed> changed = new ArrayList<>();
        for (Measures.Sized sized : measures.all()) {
            if (sized.byHand() && !sized.derivation().exact().equals(sized.derivation().result())) {
                changed.add(new Changed(sized.definition().name(), sized.derivation().exactText(format),
                        sized.text(format), NoteWords.IT.of("note", sized.derivation().note()).sentence()));
            }
        }
        if (project.wish() instanceof Wish.FinishedSize size) {
            finished(project, measures, size, format).ifPresent(changed::add);
        }
        return changed;
    }

    /**
     * A finished size that the design does not take; where the closed side is a result, it is never quite the one
     * wished for.
     */
    private static Optional<Changed> finished(Project project, Measures measures, Wish.FinishedSize size,
            LengthFormat format) {
        Optional<Measures.Sized> width = free(project, measures.get(Role.FINISHED_WIDTH));
        Optional<Measures.Sized> height = free(project, measures.get(Role.FINISHED_HEIGHT));
        if (width.isEmpty() && height.isEmpty() || width.flatMap(sized -> sized.definition().closes()).isPresent()) {
            return Optional.empty();
        }
        boolean square = measures.get(Role.FINISHED_HEIGHT).isEmpty();
        Length w = width.map(Measures.Sized::length).orElse(size.width());
        Length h = height.map(Measures.Sized::length).orElse(square ? w : size.height());
        if (w.equals(size.width()) && h.equals(size.height())) {
            return Optional.empty();
        }
        String why = width.filter(sized -> !sized.derivation().exact().equals(sized.derivation().result()))
                .or(() -> height)
                .map(Measures.Sized::derivation).filter(Derivation::isHeld)
                .map(derivation -> NoteWords.IT.of("note", derivation.note())).orElseGet(NoteWords.SQUARE::of)
                .sentence();
        return Optional.of(new Changed("finish", format.size(size.width(), size.height()), format.size(w, h), why));
    }

    /** Says so when two different sides were wished for a square design; nothing else tells of that. */
    static Optional<Problem> square(Project project, Measures measures) {
        LengthFormat format = LengthFormat.of(project.unit());
        return project.wish() instanceof Wish.FinishedSize size && !size.width().equals(size.height())
                && measures.get(Role.FINISHED_WIDTH).isPresent() && measures.get(Role.FINISHED_HEIGHT).isEmpty()
                        ? Optional.of(Problem.notice("Finished size",
                                DesignWords.SQUARE.of("size", format.size(size.width(), size.height()))))
                        : Optional.empty();
    }

    private static Optional<Measures.Sized> free(Project project, Optional<Measures.Sized> sized) {
        return sized.filter(found -> !project.set().containsKey(found.definition().name()));
    }
}
