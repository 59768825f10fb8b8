package cufflink.desktop.view;

import cufflink.design.DesignDefinition.Measure;
import cufflink.design.DesignDefinition.Role;
import cufflink.design.Measures;
import cufflink.design.Value;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Stepper;
import cufflink.desktop.work.Workspace;
import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.paper.Contents;
import cufflink.paper.NamedSize;
import cufflink.paper.NamedSize.Kind;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.score.ScoringStyle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.IntPredicate;
import java.util.function.Predicate;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Slider;
import javafx.scene.control.TextArea;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Background;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;

/** The left pane: what the project is fitted to, its measures, layers and papers. Every control replans as it moves. */
public final class SizePane extends VBox {
    /** The dialogs that this pane can ask for. */
    public interface Dialogs {
        /** Opens a paper by its role. */
        void editPaper(String role);

        void editLayers();

        void editTools();

        /** Lays all copies out on what the stash holds. */
        void cutFromStash();
    }

    private static final String NO_ENVELOPE = "none chosen";

    private final Workspace work;
    private final Consumer<String> explain;
    private final Dialogs dialogs;
    private final VBox rows = new VBox();
    private final Map<String, Stepper> steppers = new LinkedHashMap<>();
    private final List<Consumer<Plan>> refreshers = new ArrayList<>();
    private String built = "";
    private boolean showing;

    /**
     * @param explain   shows a derivation
     */
    SizePane(Workspace work, Consumer<String> explain, Dialogs dialogs) {
        this.work = work;
        this.explain = explain;
        this.dialogs = dialogs;
        getStyleClass().add("size-pane");
        getChildren().addAll(new FitPane(work), rows);
        work.planProperty().addListener((property, was, is) -> show(is));
        show(work.plan());
    }

    /** Brings the keyboard to a measure. */
    void focusMeasure(String name) {
        Optional.ofNullable(steppers.get(name)).ifPresent(Stepper::focusValue);
    }

    private void show(Plan plan) {
        showing = true;
        String shape = plan.design().definition().id() + plan.project().papers().keySet() + plan.project().step();
        if (!shape.equals(built)) {
            built = shape;
            build(plan);
        }
        refreshers.forEach(refresher -> refresher.accept(plan));
        showing = false;
    }

    private void build(Plan plan) {
        rows.getChildren().clear();
        refreshers.clear();
        steppers.clear();
        for (Measures.Sized sized : plan.measures().all()) {
            add(measure(sized.definition()));
        }
        rows.getChildren().add(Rows.heading("Layers"));
        add(layers());
        add(reveal());
        add(more("Panel by panel", "layers", dialogs::editLayers));
        rows.getChildren().add(Rows.heading("Paper"));
        List<String> roles = new ArrayList<>(plan.design().definition().pieces().stream().map(piece -> piece.material()).distinct().toList());
        plan.project().papers().keySet().stream().filter(role -> role.startsWith("mat ")).sorted().forEach(roles::add);
        roles.forEach(role -> add(paper(role)));
        rows.getChildren().add(Rows.heading("Making"));
        add(copies());
        add(more("Cut from the stash", "stash", dialogs::cutFromStash));
        add(envelope());
        add(scoring());
        add(more("Trimmer and scoring board", "tools", dialogs::editTools));
        rows.getChildren().add(Rows.heading("Notes"));
        add(notes());
    }

    private void add(Node row) {
        rows.getChildren().add(row);
    }

    private Node measure(Measure measure) {
        return switch (measure.role()) {
            case RESULT -> result(measure);
            case CHOICE -> choice(measure);
            case CONTENTS -> contents(measure);
            default -> quantity(measure);
        };
    }

    private Measures.Sized sized(Measure measure) {
        return work.plan().measures().get(measure.name()).orElseThrow();
    }

    private Node result(Measure measure) {
        Hyperlink value = new Hyperlink();
        Fractions figure = new Fractions("", "result");
        value.setGraphic(figure);
        value.getStyleClass().add("result-link");
        value.setOnAction(click -> explain.accept(sized(measure).derivation().text(work.plan().format())));
        refreshers.add(plan -> figure.setText(plan.measures().get(measure.name()).map(found -> found.isLength() ? onRuler(plan, found.length()) : found.text(plan.format())).orElse("")));
        return Rows.row(measure.label(), value);
    }

    /** A result off the ruler shows its rounding. */
    private static String onRuler(Plan plan, Length length) {
        return plan.project().step().has(length) ? plan.format().number(length) : "≈ " + plan.format().number(plan.project().step().nearest(length));
    }

    private Node choice(Measure measure) {
        ComboBox<String> box = new ComboBox<>();
        box.getItems().setAll(measure.choices());
        refreshers.add(plan -> box.setValue(plan.measures().get(measure.name()).orElseThrow().text(plan.format())));
        box.valueProperty().addListener((property, was, is) -> edit(() -> work.change(project -> project.withSet(measure.name(), is))));
        return Rows.row(measure.label(), box);
    }

    private Node contents(Measure measure) {
        ComboBox<String> box = new ComboBox<>();
        box.setEditable(true);
        Contents.known().forEach(item -> box.getItems().add(item.name()));
        refreshers.add(plan -> box.setValue(plan.measures().get(measure.name()).flatMap(Measures.Sized::contents).map(Contents::name).orElse("")));
        box.valueProperty().addListener((property, was, is) -> edit(() -> {
            LengthReading<Contents> read = Contents.read(is == null ? "" : is, work.project().unit());
            if (read.value().isEmpty()) {
                work.say(read.message());
            } else {
                work.change(project -> contentsSet(project, measure, read.value().get()));
            }
        }));
        return Rows.row(measure.label(), box);
    }

    private static Project contentsSet(Project project, Measure measure, Contents item) {
        Project set = project.withSet(measure.name(), item.typed());
        return project.wish() instanceof Wish.Holding ? set.withoutSet(measure.name()).withWish(new Wish.Holding(item)) : set;
    }

    private void edit(Runnable change) {
        if (!showing) {
            change.run();
        }
    }

    private Node quantity(Measure measure) {
        Stepper stepper = new Stepper(measure.label(), by -> step(measure, by), text -> type(measure, text));
        stepper.setId("measure-" + measure.name());
        steppers.put(measure.name(), stepper);
        stepper.onPicked(picked -> explain.accept(sized(measure).derivation().text(work.plan().format())));
        Button giveBack = new Button("↺");
        giveBack.getStyleClass().add("give-back");
        giveBack.setMinWidth(Region.USE_PREF_SIZE);
        giveBack.managedProperty().bind(giveBack.visibleProperty());
        giveBack.setTooltip(new Tooltip("Set by hand. Give it back to the design."));
        giveBack.setAccessibleText("Give " + measure.label() + " back to the design");
        giveBack.setOnAction(press -> work.change(project -> project.withoutSet(measure.name())));
        HBox value = new HBox(giveBack, stepper);
        value.getStyleClass().add("value");
        VBox cell = new VBox(Rows.row(measure.label(), value));
        refreshers.add(plan -> {
            Measures.Sized now = plan.measures().get(measure.name()).orElseThrow();
            stepper.setValue(now.isLength() ? plan.format().number(now.length()) : now.text(plan.format()),
                    now.isLength() && !plan.project().step().has(now.length()) ? ExactText.of(now.length()) : now.text(plan.format()));
            giveBack.setVisible(now.byHand());
        });
        boolean slides = measure.role() == Role.FINISHED_WIDTH || measure.role() == Role.FINISHED_HEIGHT || measure.role() == Role.PROPORTION;
        if (slides) {
            cell.getChildren().add(slider(measure));
        }
        if (!measure.about().isEmpty()) {
            Tooltip.install(cell, new Tooltip(measure.about()));
        }
        return cell;
    }

    private Slider slider(Measure measure) {
        Slider slider = new Slider();
        slider.setAccessibleText(measure.label());
        slider.setFocusTraversable(false);
        slider.getStyleClass().add("measure-slider");
        refreshers.add(plan -> {
            Length now = plan.measures().length(measure.name());
            if (!slider.isValueChanging()) {
                slider.setMin(0);
                slider.setMax(Math.max(2 * now.toMillimetres(), 80));
                slider.setValue(now.toMillimetres());
            }
        });
        slider.valueProperty().addListener((property, was, is) -> {
            Length wanted = work.project().step().nearest(Length.nearestToMillimetres(is.doubleValue()));
            if (!showing && wanted.isPositive() && !wanted.equals(work.plan().measures().length(measure.name()))) {
                set("slide " + measure.name(), measure, wanted);
            }
        });
        slider.valueChangingProperty().addListener((property, was, is) -> {
            if (!is) {
                work.endGesture();
                show(work.plan());
            }
        });
        return slider;
    }

    private void step(Measure measure, int by) {
        Measures.Sized now = sized(measure);
        if (now.isLength()) {
            var ruler = work.project().step();
            Length stepped = by > 0 ? ruler.down(now.length()).plus(ruler.length()) : ruler.up(now.length()).minus(ruler.length());
            set("", measure, Length.longer(stepped, Length.ZERO));
        } else if (now.value() instanceof Value.Quantity quantity) {
            long next = Math.round(quantity.toDouble()) + by;
            work.change(project -> project.withSet(measure.name(), String.valueOf(Math.max(0, next))));
        }
    }

    private boolean set(String gesture, Measure measure, Length value) {
        return work.change(gesture, project -> sizedSet(project, measure, value));
    }

    /** In a finished size the two finished measures are the wish itself; anywhere else they are set by hand. */
    private Project sizedSet(Project project, Measure measure, Length value) {
        boolean finished = measure.role() == Role.FINISHED_WIDTH || measure.role() == Role.FINISHED_HEIGHT;
        boolean free = project.wish() instanceof Wish.AsDesigned || project.wish() instanceof Wish.FinishedSize;
        if (!finished || !free || project.set().containsKey(measure.name())) {
            return project.withSet(measure.name(), ExactText.of(value));
        }
        Length width = measure.role() == Role.FINISHED_WIDTH ? value : work.plan().measures().get(Role.FINISHED_WIDTH).orElseThrow().length();
        Length height = measure.role() == Role.FINISHED_HEIGHT ? value : work.plan().measures().get(Role.FINISHED_HEIGHT).orElseThrow().length();
        return project.withWish(new Wish.FinishedSize(width, height));
    }

    private boolean type(Measure measure, String text) {
        if (!sized(measure).isLength()) {
            return work.change(project -> project.withSet(measure.name(), text));
        }
        return typedLength(text, length -> set("", measure, length));
    }

    private boolean typedLength(String text, Predicate<Length> use) {
        LengthReading<Length> read = LengthParser.read(text, work.project().unit());
        if (read.value().isEmpty()) {
            work.say(read.message());
            return false;
        }
        if (read.value().get().isNegative()) {
            work.say("A length cannot be less than 0.");
            return false;
        }
        return use.test(read.value().get());
    }

    private boolean typedCount(String text, int low, int high, IntPredicate use) {
        String digits = text.strip();
        if (!digits.matches("\\d{1,4}") || Integer.parseInt(digits) < low || Integer.parseInt(digits) > high) {
            work.say("“" + digits + "” is not a whole number from " + low + " to " + high + ".");
            return false;
        }
        return use.test(Integer.parseInt(digits));
    }

    private Node layers() {
        Stepper stepper = new Stepper("Layers", by -> setLayers(work.project().mats().layers() + by), text -> typedCount(text, 0, MatSettings.MOST_LAYERS, this::setLayers));
        refreshers.add(plan -> stepper.setValue(String.valueOf(plan.project().mats().layers()), String.valueOf(plan.project().mats().layers())));
        return Rows.row("On each panel", stepper);
    }

    private boolean setLayers(int count) {
        int layers = Math.max(0, Math.min(MatSettings.MOST_LAYERS, count));
        return work.change(project -> project.withMats(project.mats().withLayers(layers)));
    }

    private Node reveal() {
        Stepper stepper = new Stepper("Border showing", by -> {
            Length next = work.project().mats().reveal().plus(work.project().step().length().times(by));
            if (next.isPositive()) {
                work.change(project -> project.withMats(project.mats().withReveal(next)));
            }
        }, text -> typedLength(text, length -> length.isPositive() && work.change(project -> project.withMats(project.mats().withReveal(length)))));
        refreshers.add(plan -> stepper.setValue(plan.format().number(plan.project().mats().reveal()), plan.format().text(plan.project().mats().reveal())));
        return Rows.row("Border showing", stepper);
    }

    private Node paper(String role) {
        Button button = new Button();
        button.getStyleClass().add("paper-button");
        Region swatch = new Region();
        swatch.getStyleClass().add("paper-swatch");
        button.setGraphic(swatch);
        button.setId("paper-" + role.replace(' ', '-'));
        button.setOnAction(press -> dialogs.editPaper(role));
        refreshers.add(plan -> {
            Stock stock = plan.project().paper(role);
            button.setText(stock.name());
            swatch.setBackground(Background.fill(Color.web(stock.face())));
            button.setAccessibleText("Paper for " + role + ": " + stock.name());
        });
        return Rows.row(role.startsWith("mat ") ? "Layer " + role.substring(4) : Character.toUpperCase(role.charAt(0)) + role.substring(1), button);
    }

    private static Node more(String text, String id, Runnable action) {
        Hyperlink link = new Hyperlink(text + " …");
        link.setId("edit-" + id);
        link.getStyleClass().add("more");
        link.setOnAction(click -> action.run());
        return link;
    }

    private Node notes() {
        TextArea area = new TextArea();
        area.setId("notes");
        area.setWrapText(true);
        area.setPrefRowCount(4);
        area.setPromptText("What to change next time");
        area.setAccessibleText("Notes");
        refreshers.add(plan -> {
            if (!area.isFocused()) {
                area.setText(plan.project().notes());
            }
        });
        area.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                work.change(project -> project.withNotes(area.getText()));
            }
        });
        return area;
    }

    private Node copies() {
        Stepper stepper = new Stepper("Copies", by -> setCopies(work.project().copies() + by), text -> typedCount(text, 1, Project.MOST_COPIES, this::setCopies));
        stepper.setId("copies");
        refreshers.add(plan -> stepper.setValue(String.valueOf(plan.project().copies()), String.valueOf(plan.project().copies())));
        return Rows.row("Copies", stepper);
    }

    private boolean setCopies(int count) {
        return work.change(project -> project.withCopies(Math.max(1, Math.min(Project.MOST_COPIES, count))));
    }

    private Node envelope() {
        ComboBox<String> box = new ComboBox<>();
        box.getItems().add(NO_ENVELOPE);
        PublishedSizes.of(Kind.ENVELOPE).forEach(size -> box.getItems().add(size.name()));
        refreshers.add(plan -> {
            box.setValue(plan.project().wish() instanceof Wish.InEnvelope in ? in.envelope().name() : plan.project().envelope().map(NamedSize::name).orElse(NO_ENVELOPE));
            box.setDisable(plan.project().wish() instanceof Wish.InEnvelope);
        });
        box.valueProperty().addListener((property, was, is) -> edit(() -> work.change(project -> project.withEnvelope(PublishedSizes.named(Kind.ENVELOPE, is)))));
        return Rows.row("Goes into", box);
    }

    private Node scoring() {
        ComboBox<String> box = new ComboBox<>();
        for (ScoringStyle style : ScoringStyle.values()) {
            box.getItems().add(style.words());
        }
        refreshers.add(plan -> box.setValue(plan.project().scoring().words()));
        box.valueProperty().addListener((property, was, is) -> edit(() -> {
            for (ScoringStyle style : ScoringStyle.values()) {
                if (style.words().equals(is)) {
                    work.change(project -> project.withScoring(style));
                }
            }
        }));
        return Rows.row("Score", box);
    }
}
