package cufflink.cli;

import cufflink.files.notebook.PictureFolder;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.notebook.Correction;
import cufflink.notebook.Learned;
import cufflink.notebook.Measurement;
import cufflink.notebook.NextTime;
import cufflink.notebook.Offers;
import cufflink.notebook.Photo;
import cufflink.notebook.StepNote;
import cufflink.notebook.Target;
import cufflink.notebook.TargetReader;
import cufflink.paper.Stock;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.NotebookWords;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import picocli.CommandLine.Option;

/** What a maker notes of something that was made, as typed. */
final class MakeOptions {
    @Option(names = "--note", paramLabel = "TEXT", description = "What is worth knowing about it.")
    private String note = "";
    @Option(names = "--wrong", paramLabel = "STEP=TEXT",
            description = "What went wrong at a step of the run sheet; may be repeated.")
    private List<String> wrong = new ArrayList<>();
    @Option(names = "--took", paramLabel = "PHASE=MINUTES", description = "How long a phase took; may be repeated.")
    private List<String> took = new ArrayList<>();
    @Option(names = "--measured", paramLabel = "WHAT=LENGTH",
            description = "What it measures: width, height (closed), thickness or a measure of the design; "
                    + "may be repeated.")
    private List<String> measured = new ArrayList<>();
    @Option(names = "--next", paramLabel = "WHAT: TEXT",
            description = "What is to be different next time, tied to a measure (width, width -1/8 in, width = 4 in), "
                    + "“step 7”, “part sleeve”, “part sleeve out”, “paper card”, “paper card = Moonlight” or "
                    + "“border +1 mm”; may be repeated.")
    private List<String> next = new ArrayList<>();
    @Option(names = "--picture", paramLabel = "FILE", description = "A PNG or JPEG of it; may be repeated.")
    private List<Path> pictures = new ArrayList<>();

    /**
     * All of it, or every mistake; pictures are kept in the folder if nothing else is wrong.
     *
     * @param at     when it is noted
     * @param papers finds a paper of the stash by its name
     */
    Outcome<Learned> read(Plan plan, PictureFolder folder, Instant at, Function<String, Optional<Stock>> papers)
            throws IOException {
        List<Problem> problems = new ArrayList<>();
        List<StepNote> notes = wrong.stream().flatMap(text -> wrong(text, plan, problems).stream()).toList();
        Map<Phase, Duration> times = took(problems);
        List<Measurement> found = measured(plan, problems);
        List<Correction> corrections = next(plan, found, at, papers, problems);
        List<Photo> photos = new ArrayList<>();
        for (Path picture : problems.isEmpty() ? pictures : List.<Path>of()) {
            Outcome<Photo> kept = folder.keep(picture, "");
            kept.value().ifPresent(photos::add);
            problems.addAll(kept.problems());
        }
        return problems.isEmpty() ? Outcome.of(new Learned(times, notes, found, photos, corrections, note))
                : Outcome.failed(problems);
    }

    private static Optional<StepNote> wrong(String typed, Plan plan, List<Problem> problems) {
        if (!typed.matches("\\d{1,4}=(?s).*\\S.*")) {
            problems.add(Problem.error("--wrong", NotebookWords.STEP_AND_TEXT.of("text", typed)));
            return Optional.empty();
        }
        int step = Integer.parseInt(typed.substring(0, typed.indexOf('=')));
        if (step < 1 || step > plan.run().size()) {
            problems.add(Problem.error("--wrong",
                    NotebookWords.NO_STEP.of("step", step, "count", plan.run().size())));
            return Optional.empty();
        }
        return Optional.of(new StepNote(step, plan.run().get(step - 1).title(),
                typed.substring(typed.indexOf('=') + 1).strip()));
    }

    private Map<Phase, Duration> took(List<Problem> problems) {
        Map<Phase, Duration> times = new EnumMap<>(Phase.class);
        for (String text : took) {
            Optional<Phase> phase = Arrays.stream(Phase.values())
                    .filter(one -> text.toLowerCase(Locale.ROOT).matches(one.name().toLowerCase(Locale.ROOT)
                            + "=\\d{1,4}(\\.\\d{1,2})?"))
                    .findFirst();
            if (phase.isEmpty()) {
                problems.add(Problem.error("--took", NotebookWords.PHASE_AND_MINUTES.of("text", text, "phases",
                        Arrays.stream(Phase.values()).map(one -> one.name().toLowerCase(Locale.ROOT)).toList())));
            } else if (times.put(phase.get(), minutes(text)) != null) {
                problems.add(twice("--took", phase.get().title()));
            }
        }
        return times;
    }

    private static Duration minutes(String typed) {
        return Duration.ofSeconds(Math.round(Double.parseDouble(typed.substring(typed.indexOf('=') + 1)) * 60));
    }

    private static Problem twice(String option, String what) {
        return Problem.error(option, NotebookWords.TWICE.of("what", what.toLowerCase(Locale.ROOT)));
    }

    /** What is typed, and what would set right what was measured. */
    private List<Correction> next(Plan plan, List<Measurement> found, Instant at,
            Function<String, Optional<Stock>> papers, List<Problem> problems) {
        NextTime all = new NextTime(plan.design().definition().id(), at);
        TargetReader targets = new TargetReader(plan, papers);
        for (String text : next) {
            int colon = text.indexOf(':');
            if (colon < 1 || text.substring(colon + 1).isBlank()) {
                problems.add(Problem.error("--next", NotebookWords.NEXT_AS.of("text", text)));
            } else {
                Outcome<Target> target = targets.read(text.substring(0, colon));
                target.value().ifPresent(tied -> all.add(tied, text.substring(colon + 1)));
                target.problems().forEach(problem -> problems.add(Problem.error("--next", problem.message())));
            }
        }
        Offers.of(plan, found).forEach(offer -> all.add(offer, offer.said()));
        return all.corrections();
    }

    private List<Measurement> measured(Plan plan, List<Problem> problems) {
        Map<String, Measurement> all = new LinkedHashMap<>();
        for (String text : measured) {
            measured(text, plan, problems).filter(one -> all.put(one.label(), one) != null)
                    .ifPresent(again -> problems.add(twice("--measured", again.label())));
        }
        return List.copyOf(all.values());
    }

    private static Optional<Measurement> measured(String typed, Plan plan, List<Problem> problems) {
        int sign = typed.indexOf('=');
        Optional<Length> length = sign < 1 ? Optional.empty()
                : LengthParser.read(typed.substring(sign + 1), plan.project().unit()).value()
                        .filter(Length::isPositive);
        if (length.isEmpty()) {
            problems.add(Problem.error("--measured", NotebookWords.MEASURED_AS.of("text", typed)));
            return Optional.empty();
        }
        String what = typed.substring(0, sign).strip();
        Optional<Measurement> measurement = Measurement.of(plan, what, length.get());
        if (measurement.isEmpty()) {
            problems.add(Problem.error("--measured", NotebookWords.NOT_TO_MEASURE.of("what", what)));
        }
        return measurement;
    }
}
