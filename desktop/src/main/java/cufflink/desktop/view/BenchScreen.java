package cufflink.desktop.view;

import cufflink.check.Check;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.work.Workspace;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.words.Message;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** One project: size on the left, the bench in the middle, the read-out on the right, the run strip below. */
public final class BenchScreen extends ListeningScreen {
    /** What the screen asks its window to do. */
    public interface Actions extends SizePane.Dialogs {
        void shelf();

        void table();

        void export();

        void saveCopy();

        /** What was learned of designs. */
        NextTimePane.Notebook learned();

        void open();
    }

    private static final double CHIP = 150;

    private final Workspace work;
    private final Actions actions;
    private final BenchPane bench;
    private final ReadOutPane readOut;
    private final SizePane size;
    private final Fractions closed = new Fractions("", "chip");
    private final Fractions verdict = new Fractions("", "chip");
    private final TextField name = new TextField();
    private boolean showing;

    public BenchScreen(Workspace work, Actions actions) {
        this.work = work;
        this.actions = actions;
        getStyleClass().add("bench-screen");
        SizePane[] pane = new SizePane[1];
        readOut = new ReadOutPane(work, listening, measure -> pane[0].focusMeasure(measure),
                actions::made);
        RunStripPane strip = new RunStripPane(work, listening);
        StringProperty laid = new SimpleStringProperty("");
        size = new SizePane(work, listening, readOut::explain, part -> {
            strip.light(part);
            bench().light(part);
        }, laid, actions);
        pane[0] = size;
        bench = new BenchPane(work, listening, id -> {
            if (!work.pick(id)) {
                explainPicked(id);
            }
        }, new AddMenu(work, size::addTo, size::lay), laid);
        setTop(topBar());
        setLeft(Rows.scroll(size, "left-scroll"));
        setCenter(MessageBar.over(bench, work.messageProperty(), listening, () -> work.say("")));
        setRight(Rows.scroll(new VBox(new NextTimePane(work, listening, actions.learned()), readOut), "right-scroll"));
        setBottom(strip);
        listening.to(work.planProperty(), is -> show(is));
        WorkKeys.install(this, listening, work::next);
        addEventHandler(KeyEvent.KEY_PRESSED, this::onKey);
        show(work.plan());
    }

    private BenchPane bench() {
        return bench;
    }

    private void explainPicked(String id) {
        for (var piece : work.plan().design().pieces()) {
            piece.lines().stream().filter(score -> score.id().equals(id)).findFirst()
                    .flatMap(score -> score.line().at())
                    .ifPresent(at -> readOut.explain(at.derivation().text(work.plan().format())));
        }
        work.plan().measures().get(id)
                .ifPresent(sized -> readOut.explain(sized.derivation().text(work.plan().format())));
    }

    private HBox topBar() {
        Button brand = new Button("Cufflink");
        brand.getStyleClass().add("brand");
        brand.setTooltip(new Tooltip("To the shelf"));
        brand.setId("to-shelf");
        brand.setMinWidth(Region.USE_PREF_SIZE);
        closed.setMinWidth(CHIP); // two lines where text is large and the window narrow
        verdict.setMinWidth(Region.USE_PREF_SIZE);
        closed.setMaxHeight(Region.USE_PREF_SIZE);
        verdict.setMaxHeight(Region.USE_PREF_SIZE);
        brand.setOnAction(press -> actions.shelf());
        name.getStyleClass().add("project-name");
        name.setId("project-name");
        name.setAccessibleText("Name of the project");
        name.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                rename();
            }
        });
        name.setOnAction(enter -> bench.requestFocus());
        Label design = new Label(work.plan().design().definition().title());
        design.getStyleClass().add("design-title");
        design.setMinWidth(0);
        name.setMinWidth(90);
        Region left = grow();
        Region right = grow();
        ComboBox<RulerStep> ruler = ruler();
        Button undo = button("Undo", "undo", work::undo);
        enable(undo, work.canUndoProperty());
        Button redo = button("Redo", "redo", work::redo);
        enable(redo, work.canRedoProperty());
        Button handOut = button("Hand-out", "export", actions::export);
        Button table = button("Table view", "table", actions::table);
        table.getStyleClass().add("primary");
        closed.setId("closed-size");
        HBox bar = new HBox(brand, name, design, left, closed, verdict, right, ruler, undo, redo, handOut, table);
        bar.getStyleClass().add("top-bar");
        return bar;
    }

    private void enable(Button button, ReadOnlyBooleanProperty can) {
        button.setDisable(!can.get());
        listening.to(can, is -> button.setDisable(!is));
    }

    private static Region grow() {
        Region region = new Region();
        HBox.setHgrow(region, Priority.ALWAYS);
        return region;
    }

    private static Button button(String text, String id, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(press -> action.run());
        return button;
    }

    private ComboBox<RulerStep> ruler() {
        ComboBox<RulerStep> box = new ComboBox<>();
        box.setId("ruler");
        box.getItems().setAll(RulerStep.values());
        box.setConverter(new RulerNames());
        box.setAccessibleText("Ruler step");
        box.setMinWidth(Region.USE_PREF_SIZE);
        box.setValue(work.project().step());
        listening.to(work.planProperty(), is -> {
            showing = true;
            box.setValue(is.project().step());
            showing = false;
        });
        box.valueProperty().addListener((property, was, is) -> {
            if (!showing && is != null) {
                work.change(project -> project.withStep(is));
            }
        });
        return box;
    }

    private void rename() {
        String typed = name.getText().strip();
        if (!typed.isEmpty()) {
            work.change(project -> project.withName(typed));
        }
        name.setText(work.project().name());
    }

    private void show(Plan plan) {
        if (!name.isFocused()) {
            name.setText(plan.project().name());
        }
        closed.setText(plan.size().map(Message::sentence).orElse("Does not close"));
        Check worst = plan.checks().get(0);
        verdict.getStyleClass().removeAll("chip-good", "chip-watch", "chip-bad");
        verdict.getStyleClass().add("chip-" + worst.verdict().word());
        long count = plan.checks().stream().filter(check -> check.verdict() == worst.verdict()).count();
        verdict.setText(worst.verdict().mark() + " " + switch (worst.verdict()) {
            case GOOD -> "all checks good";
            case WATCH -> count + " to watch";
            case BAD -> count + " to fix";
        });
    }

    /** Stops the fold that is being shown at a share of its way, 0 to 1. */
    public void stopFoldAt(double share) {
        bench.stopAt(share);
    }

    /** Tries the crease of the current fold the wrong way round. */
    public void tryWrongWay() {
        bench.tryWrongWay();
    }

    /** Brings the finished card into a pose, seen from the front or from behind. */
    public void pose(String name, boolean behind) {
        bench.pose(name, behind);
    }

    /** Opens what can be added where the current step is. */
    public void addPart() {
        size.addPart();
    }

    /** Lays a new ornament on the front of the closed card. */
    public void layOrnament() {
        size.layOrnament();
    }

    private void onKey(KeyEvent key) {
        boolean typing = key.getTarget() instanceof TextInputControl;
        boolean handled = key.isShortcutDown() ? onShortcut(key) : !typing && onPlainKey(key.getCode());
        if (handled) {
            key.consume();
        }
    }

    private boolean onShortcut(KeyEvent key) {
        switch (key.getCode()) {
            case Z -> {
                if (key.isShiftDown()) {
                    work.redo();
                } else {
                    work.undo();
                }
            }
            case Y -> work.redo();
            case S -> actions.saveCopy();
            case O -> actions.open();
            case E, P -> actions.export();
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean onPlainKey(KeyCode code) {
        switch (code) {
            case RIGHT -> work.next();
            case BACK_SPACE, LEFT -> work.previous();
            case T -> actions.table();
            case HOME -> actions.shelf();
            case R -> bench.play();
            case P -> addPart();
            case O -> layOrnament();
            case M -> actions.made();
            case W -> bench.turnBy(8, 0);
            case S -> bench.turnBy(-8, 0);
            case A -> bench.turnBy(0, 8);
            case D -> bench.turnBy(0, -8);
            default -> {
                return false;
            }
        }
        return true;
    }
}
