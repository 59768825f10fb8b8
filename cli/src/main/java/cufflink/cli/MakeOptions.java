package cufflink.cli;

import cufflink.files.notebook.PictureFolder;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.notebook.Learned;
import cufflink.notebook.Measurement;
import cufflink.notebook.Photo;
import cufflink.notebook.StepNote;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.NotebookWords;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
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
            description = "What it measures: width, height (closed) or thickness; may be repeated.")
    private List<String> measured = new ArrayList<>();
    @Option(names = "--picture", paramLabel = "FILE", description = "A PNG or JPEG of it; may be repeated.")
    private List<Path> pictures = new ArrayList<>();

    /** All of it, or every mistake; pictures are kept in the folder if nothing else is wrong. */
    Outcome<Learned> read(Plan plan, PictureFolder folder) throws IOException {
        List<Problem> problems = new ArrayList<>();
        List<StepNote> notes = wrong.stream().flatMap(text -> wrong(text, plan, problems).stream()).toList();
        Map<Phase, Duration> times = took(problems);
        List<Measurement> found = measured(plan, problems);
        List<Photo> photos = new ArrayList<>();
        for (Path picture : problems.isEmpty() ? pictures : List.<Path>of()) {
            Outcome<Photo> kept = folder.keep(picture, "");
            kept.value().ifPresent(photos::add);
            problems.addAll(kept.problems());
        }
        return problems.isEmpty() ? Outcome.of(new Learned(times, notes, found, photos, note))
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

    private List<Measurement> measured(Plan plan, List<Problem> problems) {
        Map<Measurement.What, Measurement> all = new EnumMap<>(Measurement.What.class);
        for (String text : measured) {
            measured(text, plan, problems).filter(one -> all.put(one.what(), one) != null)
                    .ifPresent(again -> problems.add(twice("--measured", again.what().label())));
        }
        return List.copyOf(all.values());
    }

    private static Optional<Measurement> measured(String typed, Plan plan, List<Problem> problems) {
        Optional<Measurement.What> what = Arrays.stream(Measurement.What.values())
                .filter(one -> typed.toLowerCase(Locale.ROOT).startsWith(one.name().toLowerCase(Locale.ROOT) + "="))
                .findFirst();
        Optional<Length> length = LengthParser
                .read(typed.substring(typed.indexOf('=') + 1), plan.project().unit()).value()
                .filter(Length::isPositive);
        if (what.isEmpty() || length.isEmpty()) {
            problems.add(Problem.error("--measured", NotebookWords.MEASURED_AS.of("text", typed)));
            return Optional.empty();
        }
        Optional<Length> planned = plan.workings().closedSize().map(size -> switch (what.get()) {
            case WIDTH -> size.width();
            case HEIGHT -> size.height();
            case THICKNESS -> size.thickness();
        });
        if (planned.isEmpty()) {
            problems.add(Problem.error("--measured",
                    NotebookWords.NOT_TO_MEASURE.of("what", what.get().label().toLowerCase(Locale.ROOT))));
        }
        return planned.map(size -> new Measurement(what.get(), size, length.get()));
    }
}
