package cufflink.desktop.demo;

import cufflink.desktop.work.NotebookWork;
import cufflink.files.project.ProjectWriter;
import cufflink.measure.Length;
import cufflink.notebook.Correction;
import cufflink.notebook.Learned;
import cufflink.notebook.Make;
import cufflink.notebook.Measurement;
import cufflink.notebook.NextTime;
import cufflink.notebook.OfBorder;
import cufflink.notebook.OfMeasure;
import cufflink.notebook.OfPaper;
import cufflink.notebook.OfStep;
import cufflink.notebook.OfTrimmer;
import cufflink.notebook.Photo;
import cufflink.notebook.StepNote;
import cufflink.paper.PaperRole;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.plan.StepMark;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** What the observatory made before the comet night: two trials of the invitation, a wallet, the guides' card. */
public final class DemoNotebook {
    private final NotebookWork notebook;

    private DemoNotebook(NotebookWork notebook) {
        this.notebook = notebook;
    }

    /** Puts its makes into a notebook. */
    public static void fill(NotebookWork notebook) {
        DemoNotebook demo = new DemoNotebook(notebook);
        demo.firstInvitation();
        demo.guides();
        demo.wallet();
        demo.secondInvitation();
        notebook.say("");
    }

    private static Plan plan(Project project) {
        return Planner.plan(project).orThrow();
    }

    private Instant ago(int days) {
        return notebook.now().minus(Duration.ofDays(days));
    }

    private void add(Plan plan, Instant at, Learned learned) {
        notebook.finish("", Make.of(plan, ProjectWriter.text(plan.project()), at).with(learned));
    }

    /** Minutes a phase, in their order. */
    private static Map<Phase, Duration> took(int... minutes) {
        Map<Phase, Duration> took = new EnumMap<>(Phase.class);
        for (int i = 0; i < minutes.length; i++) {
            took.put(Phase.values()[i], Duration.ofMinutes(minutes[i]));
        }
        took.values().removeIf(Duration::isZero);
        return took;
    }

    private static StepNote wrong(Plan plan, Phase phase, String text) {
        RunStep step = first(plan, phase);
        return new StepNote(step.number(), step.title(), text);
    }

    private static RunStep first(Plan plan, Phase phase) {
        return plan.run().stream().filter(step -> step.phase() == phase).findFirst().orElseThrow();
    }

    private static List<Correction> next(Plan plan, Instant at, Consumer<NextTime> learned) {
        NextTime next = new NextTime(plan.design().definition().id(), at);
        learned.accept(next);
        return next.corrections();
    }

    private static Measurement measured(Plan plan, String what, Length by) {
        Length planned = Measurement.of(plan, what, Length.ofMillimetres(1)).orElseThrow().planned();
        return Measurement.of(plan, what, planned.plus(by)).orElseThrow();
    }

    private List<Photo> photos(String... namesAndCaptions) {
        List<Photo> photos = new ArrayList<>();
        for (int i = 0; i < namesAndCaptions.length; i += 2) {
            String caption = namesAndCaptions[i + 1];
            photo(namesAndCaptions[i]).map(photo -> new Photo(photo.hash(), photo.kind(), caption))
                    .ifPresent(photos::add);
        }
        return photos;
    }

    private Optional<Photo> photo(String name) {
        try (InputStream stream = DemoNotebook.class.getResourceAsStream(name)) {
            Path file = Files.createTempFile("cufflink", name);
            Files.copy(stream, file, StandardCopyOption.REPLACE_EXISTING);
            Optional<Photo> photo = notebook.picture(file);
            Files.delete(file);
            return photo;
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    /** What was learned of it is in the second trial. */
    private void firstInvitation() {
        Plan plan = plan(DemoProjects.invitation().withName("Comet night invitation, first trial").withCopies(1)
                .withPaper(PaperRole.material("card"), DemoProjects.midnight("Letter")));
        Instant at = ago(23);
        add(plan, at, new Learned(took(6, 4, 7, 0, 3, 9), List.of(
                wrong(plan, Phase.SCORE, "The dark card cracked white along the score."),
                wrong(plan, Phase.GLUE, "Too much glue, it came out at the corner.")),
                List.of(measured(plan, "width", Length.ofMicrometres(-300))),
                List.of(),
                next(plan, at, next -> next.add(new OfPaper(PaperRole.material("card"),
                        Optional.of(DemoProjects.moonlight("Letter"))), "A paper that does not show the crack"))
                        .stream().map(one -> one.with(Correction.Standing.DROPPED)).toList(),
                "For the director to look at. The colours are right, the paper is not."));
    }

    private void secondInvitation() {
        Plan plan = plan(DemoProjects.invitation().withName("Comet night invitation, second trial").withCopies(1));
        Instant at = ago(4);
        add(plan, at, new Learned(took(4, 3, 6, 0, 2, 7), List.of(),
                List.of(measured(plan, "width", Length.ofInches(-1, 32)),
                        measured(plan, "height", Length.ofInches(-1, 32))),
                photos("gate.jpg", "Closed"), List.of(),
                "This is the one: 24 of these. Moonlight takes the score without a crack."));
    }

    private void wallet() {
        Plan plan = plan(DemoProjects.wallet().withCopies(1));
        Instant at = ago(9);
        RunStep glue = plan.run().stream().filter(step -> step.phase() == Phase.GLUE && step.title().contains("ribbon"))
                .findFirst().orElseThrow();
        add(plan, at, new Learned(took(8, 2, 9, 0, 4, 16),
                List.of(new StepNote(glue.number(), glue.title(), "The ribbon slipped before the glue took.")),
                List.of(),
                photos("wallet.jpg", "The front, tied"), next(plan, at, next -> {
                    next.add(new OfStep(StepMark.of(plan.run()).get(glue.number() - 1), glue.title()),
                            "Hold the ribbon with a clip until the glue has taken");
                    next.add(new OfBorder(Length.ofInches(1, 16)), "A little more of the board showing");
                }), "For the speakers' evening."));
    }

    private void guides() {
        Plan plan = plan(DemoProjects.guides());
        Instant at = ago(16);
        add(plan, at, new Learned(took(7, 3, 5, 0, 4, 8), List.of(),
                List.of(measured(plan, "width", Length.ofMillimetres(-1)),
                        measured(plan, "height", Length.ofMillimetres(-1))),
                List.of(), next(plan, at, next -> {
                    next.add(OfMeasure.by("band.width", "Band, width", Length.ofMillimetres(5)),
                            "The band is too narrow to write on");
                    next.add(new OfTrimmer(Length.ofMillimetres(1)), "Everything came out 1 mm short");
                }), "One for each guide, with the dome's key card in the pocket."));
    }
}
