package cufflink.desktop.view;

import cufflink.design.Measure;
import cufflink.design.Measure.Role;
import cufflink.design.Measures;
import cufflink.design.PunchedMeasures;
import cufflink.design.Rounding;
import cufflink.design.Value;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.LatestOnly;
import cufflink.desktop.control.Stepper;
import cufflink.desktop.work.Workspace;
import cufflink.die.DieShape;
import cufflink.fit.Wish;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.measure.LengthReading;
import cufflink.paper.Contents;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.stash.StashPunch;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Slider;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * A row for each measure of a design: its value to step, type or slide, a choice, contents, or a result to be
 * explained.
 */
final class MeasureRows {
    private static final String BY_HAND = "the knife";

    private final Workspace work;
    private final Consumer<String> explain;
    private final LiveRows live;
    private final Supplier<List<StashPunch>> punches;
    private final Map<String, Stepper> steppers = new LinkedHashMap<>();

    /**
     * @param explain shows a derivation
     * @param punches those of the stash
     */
    MeasureRows(Workspace work, Consumer<String> explain, LiveRows live, Supplier<List<StashPunch>> punches) {
        this.punches = punches;
        this.work = work;
        this.explain = explain;
        this.live = live;
    }

    /** Forgets the rows. */
    void clear() {
        steppers.clear();
    }

    /** Brings the keyboard to a measure. */
    void focus(String name) {
        Optional.ofNullable(steppers.get(name)).ifPresent(Stepper::focusValue);
    }

    Node row(Measure measure) {
        return row(measure, measure.label());
    }

    /** Under another label. */
    Node row(Measure measure, String label) {
        return switch (measure.role()) {
            case RESULT -> result(measure, label);
            case CHOICE -> choice(measure, label);
            case CONTENTS -> contents(measure, label);
            default -> quantity(measure, label);
        };
    }

    private Measures.Sized sized(Measure measure) {
        return work.plan().measures().get(measure.name()).orElseThrow();
    }

    private Node result(Measure measure, String label) {
        Hyperlink value = new Hyperlink();
        Fractions figure = new Fractions("", "result");
        figure.setMinWidth(Region.USE_PREF_SIZE);
        value.setMinWidth(Region.USE_PREF_SIZE);
        value.setGraphic(figure);
        value.getStyleClass().add("result-link");
        value.setOnAction(click -> explain.accept(sized(measure).derivation().text(work.plan().format())));
        live.onPlan(plan -> figure.setText(plan.measures().get(measure.name())
                .map(found -> found.isLength() ? onRuler(plan, found.length()) : found.text(plan.format()))
                .orElse("")));
        return Rows.row(label, value);
    }

    /** A result off the ruler shows its rounding. */
    private static String onRuler(Plan plan, Length length) {
        return plan.project().step().has(length) ? plan.format().number(length)
                : "≈ " + plan.format().number(plan.project().step().nearest(length));
    }

    private Node choice(Measure measure, String label) {
        ComboBox<String> box = new ComboBox<>();
        box.getItems().setAll(measure.choices());
        live.onPlan(plan -> box.setValue(plan.measures().get(measure.name()).orElseThrow().text(plan.format())));
        box.valueProperty().addListener(
                (property, was, is) -> live.edit(() -> work.change(project -> project.withSet(measure.name(), is))));
        return Rows.row(label, box);
    }

    private Node contents(Measure measure, String label) {
        ComboBox<String> box = new ComboBox<>();
        box.setEditable(true);
        Contents.known().forEach(item -> box.getItems().add(item.name()));
        live.onPlan(plan -> box.setValue(
                plan.measures().get(measure.name()).flatMap(Measures.Sized::contents).map(Contents::name).orElse("")));
        box.valueProperty().addListener((property, was, is) -> live.edit(() -> {
            LengthReading<Contents> read = Contents.read(is == null ? "" : is, work.project().unit());
            if (read.value().isEmpty()) {
                work.say(read.message());
            } else {
                work.change(project -> contentsSet(project, measure, read.value().get()));
            }
        }));
        return Rows.row(label, box);
    }

    private static Project contentsSet(Project project, Measure measure, Contents item) {
        Project set = project.withSet(measure.name(), item.typed());
        return project.wish() instanceof Wish.Holding ? set.withoutSet(measure.name()).withWish(new Wish.Holding(item))
                : set;
    }

    private Node quantity(Measure measure, String label) {
        Stepper stepper = new Stepper(measure.label(), by -> step(measure, by), text -> type(measure, text));
        stepper.setId("measure-" + measure.name());
        steppers.put(measure.name(), stepper);
        stepper.onPicked(picked -> explain.accept(sized(measure).derivation().text(work.plan().format())));
        Button giveBack = mark("↺", "Set by hand. Give it back to the design.",
                "Give " + measure.label() + " back to the design");
        giveBack.setOnAction(press -> work.change(project -> project.withoutSet(measure.name())));
        Button toRuler = mark("≈", "Between the marks of the ruler. Round it to the nearest.",
                "Round " + measure.label() + " to the ruler");
        toRuler.setId("round-" + measure.name());
        toRuler.setOnAction(press -> work.change(project -> sizedSet(project, measure,
                project.step().nearest(sized(measure).length()))));
        HBox value = new HBox(toRuler, giveBack, stepper);
        value.getStyleClass().add("value");
        VBox cell = new VBox(Rows.row(label, value));
        live.onPlan(plan -> {
            Measures.Sized now = plan.measures().get(measure.name()).orElseThrow();
            stepper.setValue(now.isLength() ? plan.format().number(now.length()) : now.text(plan.format()),
                    now.isLength() && !plan.project().step().has(now.length()) ? ExactText.of(now.length())
                            : now.text(plan.format()));
            giveBack.setVisible(now.byHand());
            toRuler.setVisible(
                    now.isLength() && measure.rounding() != Rounding.EXACT && !plan.project().step().has(now.length()));
        });
        boolean slides = measure.role() == Role.FINISHED_WIDTH || measure.role() == Role.FINISHED_HEIGHT
                || measure.role() == Role.PROPORTION || measure.role() == Role.THICKNESS;
        if (slides) {
            cell.getChildren().add(slider(measure));
        }
        Optional.ofNullable(PunchedMeasures.of(work.plan().design().definition()).get(measure.name()))
                .ifPresent(factor -> punch(measure, factor, stepper, cell));
        if (!measure.about().isEmpty()) {
            Tooltip.install(cell, new Tooltip(measure.about()));
        }
        return cell;
    }

    /** A round hole or notch that a punch of the stash cuts has its size; cut by hand, it has any. */
    private void punch(Measure measure, int factor, Stepper stepper, VBox cell) {
        Map<String, Length> owned = new LinkedHashMap<>();
        punches.get().stream()
                .filter(punch -> punch.die().shape() == DieShape.CIRCLE || punch.die().shape() == DieShape.HALF_CIRCLE)
                .forEach(punch -> owned.put(punch.name(),
                        Length.ofNanometres(punch.cuts().width().nanometres() / factor)));
        if (owned.isEmpty()) {
            return;
        }
        ComboBox<String> box = new ComboBox<>();
        box.setId("punch-" + measure.name());
        box.setAccessibleText(measure.label() + ", cut with");
        box.getItems().add(BY_HAND);
        box.getItems().addAll(owned.keySet());
        boolean[] byHand = {false};
        live.onPlan(plan -> {
            Length now = plan.measures().length(measure.name());
            Optional<String> same = byHand[0] ? Optional.empty()
                    : owned.entrySet().stream().filter(entry -> entry.getValue().equals(now)).map(Map.Entry::getKey)
                            .findFirst();
            box.setValue(same.orElse(BY_HAND));
            stepper.setDisable(same.isPresent());
        });
        box.valueProperty().addListener((property, was, is) -> live.edit(() -> {
            byHand[0] = BY_HAND.equals(is);
            stepper.setDisable(!byHand[0]);
            if (!byHand[0]) {
                work.change(project -> project.withSet(measure.name(), ExactText.of(owned.get(is))));
            }
        }));
        cell.getChildren().add(Rows.row("Cut it with", box));
    }

    /** A small button beside a value, there only while it has something to do. */
    private static Button mark(String sign, String tip, String spoken) {
        Button mark = new Button(sign);
        mark.getStyleClass().add("give-back");
        mark.setMinWidth(Region.USE_PREF_SIZE);
        mark.managedProperty().bind(mark.visibleProperty());
        mark.setTooltip(new Tooltip(tip));
        mark.setAccessibleText(spoken);
        return mark;
    }

    private Slider slider(Measure measure) {
        Slider slider = new Slider();
        slider.setAccessibleText(measure.label());
        slider.setFocusTraversable(false);
        slider.getStyleClass().add("measure-slider");
        live.onPlan(plan -> {
            Length now = plan.measures().length(measure.name());
            if (!slider.isValueChanging()) {
                slider.setMin(0);
                slider.setMax(Math.max(2 * now.toMillimetres(), 80));
                slider.setValue(now.toMillimetres());
            }
        });
        LatestOnly moves = new LatestOnly();
        slider.valueProperty().addListener((property, was, is) -> {
            Length wanted = work.project().step().nearest(Length.nearestToMillimetres(is.doubleValue()));
            if (!live.isShowing() && wanted.isPositive()) {
                moves.run(() -> slide(measure, wanted));
            }
        });
        slider.valueChangingProperty().addListener((property, was, is) -> {
            if (!is) {
                moves.finish();
                work.endGesture();
                live.show(work.plan());
            }
        });
        return slider;
    }

    private void slide(Measure measure, Length wanted) {
        if (!wanted.equals(work.plan().measures().length(measure.name()))) {
            set("slide " + measure.name(), measure, wanted);
        }
    }

    private void step(Measure measure, int by) {
        work.change(project -> stepped(project, measure, by));
    }

    private Project stepped(Project project, Measure measure, int by) {
        Measures.Sized now = sized(measure);
        if (now.isLength()) {
            var ruler = project.step();
            Length stepped = by > 0 ? ruler.down(now.length()).plus(ruler.length())
                    : ruler.up(now.length()).minus(ruler.length());
            return sizedSet(project, measure, Length.longer(stepped, Length.ZERO));
        } else if (now.value() instanceof Value.Quantity quantity) {
            long next = Math.round(quantity.toDouble()) + by;
            return project.withSet(measure.name(), String.valueOf(Math.max(0, next)));
        }
        return project;
    }

    private CompletableFuture<Boolean> set(String gesture, Measure measure, Length value) {
        return work.change(gesture, project -> sizedSet(project, measure, value));
    }

    /** In a finished size the two finished measures are the wish itself; anywhere else they are set by hand. */
    private Project sizedSet(Project project, Measure measure, Length value) {
        boolean finished = measure.role() == Role.FINISHED_WIDTH || measure.role() == Role.FINISHED_HEIGHT;
        boolean free = project.wish() instanceof Wish.AsDesigned || project.wish() instanceof Wish.FinishedSize;
        if (!finished || !free || project.set().containsKey(measure.name())) {
            return project.withSet(measure.name(), ExactText.of(value));
        }
        Length width = measure.role() == Role.FINISHED_WIDTH ? value
                : work.plan().measures().get(Role.FINISHED_WIDTH).orElseThrow().length();
        Length height = measure.role() == Role.FINISHED_HEIGHT ? value
                : work.plan().measures().get(Role.FINISHED_HEIGHT).orElseThrow().length();
        return project.withWish(new Wish.FinishedSize(width, height));
    }

    private CompletableFuture<Boolean> type(Measure measure, String text) {
        if (!sized(measure).isLength()) {
            return work.change(project -> project.withSet(measure.name(), text));
        }
        return live.typedLength(text, length -> set("", measure, length));
    }
}
