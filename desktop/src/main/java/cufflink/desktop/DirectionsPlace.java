package cufflink.desktop;

import cufflink.design.DesignDefinition;
import cufflink.desktop.store.ProjectStore;
import cufflink.desktop.view.DirectionsScreen;
import cufflink.desktop.view.ExportDialog;
import cufflink.desktop.view.Places;
import cufflink.desktop.work.Reports;
import cufflink.desktop.work.Workspace;
import cufflink.directions.Directions;
import cufflink.directions.DirectionsReader;
import cufflink.directions.study.DirectionsStudy;
import cufflink.files.DataFolder;
import cufflink.files.FileTrouble;
import cufflink.files.directions.PlainPieces;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.stage.FileChooser;

/** What the place for typed directions can be asked to do. */
final class DirectionsPlace implements DirectionsScreen.Actions {
    private final Screens screens;
    private final ProjectStore store;
    private final Reports reports;
    private final Executor planning;
    private final DirectionsStudy study;
    private DirectionsScreen screen;

    DirectionsPlace(Screens screens, ProjectStore store, Reports reports, Executor planning) {
        this.screens = screens;
        this.store = store;
        this.reports = reports;
        this.planning = planning;
        this.study = new DirectionsStudy(screens.designs());
    }

    /** Shows the directions that were worked on last. */
    void show() {
        screen = new DirectionsScreen(store.directions(), this);
        screens.showPlace(screen, "Directions");
    }

    DirectionsScreen screen() {
        return screen;
    }

    @Override
    public void goTo(Places place) {
        screens.goTo(place);
    }

    @Override
    public Optional<String> openText() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Open directions");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Texts", "*.txt", "*.md"));
        return screens.dialogs().files().open(chooser).flatMap(this::openText);
    }

    @Override
    public Optional<String> openText(Path file) {
        try {
            if (Files.size(file) > 4L * DirectionsReader.MOST_CHARACTERS) {
                screen.say("“" + file.getFileName() + "” is too long: " + DirectionsReader.MOST_CHARACTERS
                        + " characters are read. Take the part with one set of directions.");
                return Optional.empty();
            }
            return Optional.of(new String(Files.readAllBytes(file), StandardCharsets.UTF_8).replace("\r\n", "\n"));
        } catch (IOException fault) {
            screen.say("“" + file.getFileName() + "” cannot be read: " + FileTrouble.reason(fault) + ".");
            return Optional.empty();
        }
    }

    @Override
    public String sample() {
        String name = screens.ruler().unit() == LengthUnit.INCH ? "directions-in.txt" : "directions-mm.txt";
        try (InputStream in = DirectionsPlace.class.getResourceAsStream(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException missing) {
            throw new IllegalStateException(missing);
        }
    }

    @Override
    public DirectionsStudy study() {
        return study;
    }

    @Override
    public Workspace fitting(Plan plan) {
        return new Workspace(plan, Optional.empty(), reports, planning, Platform::runLater);
    }

    @Override
    public void start(Project project) {
        screens.openFresh(project);
    }

    @Override
    public void startPieces(Directions directions, String title) {
        String id = store.freshDesign(title);
        String text = PlainPieces.text(directions, id, title);
        Outcome<DesignDefinition> design = PlainPieces.read(id, text);
        if (design.value().isEmpty()) {
            screen.say("These pieces cannot be made a project: "
                    + design.problems().stream().map(Problem::text).collect(Collectors.joining(" ")));
            return;
        }
        try {
            store.keep(design.value().get(), text);
            screens.openFresh(Project.of(design.value().get(), RulerStep.usual(directions.unit())));
        } catch (IOException fault) {
            screen.say("The pieces could not be kept as a design: " + FileTrouble.reason(fault) + ".");
        }
    }

    @Override
    public void export(Plan plan) {
        screens.dialogs().dress(new ExportDialog(plan, DataFolder.home())).show();
    }
}
