package cufflink.desktop.view;

import cufflink.design.Face;
import cufflink.design.Ornament;
import cufflink.design.Ornament.Along;
import cufflink.design.Ornament.Anchor;
import cufflink.design.OrnamentShape;
import cufflink.design.PartPlace;
import cufflink.design.Raise;
import cufflink.design.Side;
import cufflink.desktop.control.Stepper;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.Ink;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.plan.OrnamentPlacing;
import cufflink.plan.PartOffers;
import cufflink.plan.Plan;
import cufflink.stash.StashPunch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.paint.Color;

/** The numbers of one ornament that the maker added; places are named as its face is seen with the card upright. */
final class OrnamentRows {
    private static final double TURN_STEP = 5;
    private static final Length HEIGHT_STEP = Length.ofMicrometres(100);
    private static final Length HIGHEST = Length.ofMillimetres(50);

    private final Workspace work;
    private final LiveRows live;
    private final SizePane.Dialogs dialogs;
    private final String id;

    OrnamentRows(Workspace work, LiveRows live, SizePane.Dialogs dialogs, String id) {
        this.work = work;
        this.live = live;
        this.dialogs = dialogs;
        this.id = id;
    }

    List<Node> rows(Ornament ornament) {
        List<Node> rows = new ArrayList<>(List.of(Rows.row("Called", name()), on(), Rows.row("Shape", shape())));
        if (!dialogs.punches().isEmpty()) {
            rows.add(Rows.row("As a punch cuts", punch()));
        }
        boolean isRound = ornament.form().shape() == OrnamentShape.CIRCLE;
        rows.add(length(isRound ? "Across" : "Width", "width", one -> one.form().width(), this::wide));
        if (!isRound) {
            rows.add(length("Height", "height", one -> one.form().height(), this::high));
        }
        Label lies = new Label("How far inside the panel's edge it lies, from the");
        lies.getStyleClass().add("part-place");
        lies.setWrapText(true);
        rows.addAll(List.of(lies,
                along("across", one -> one.put().across(), OrnamentPlacing::across, Side.LEFT, Side.RIGHT,
                        (one, along) -> new Ornament.Put(along, one.put().down(), one.put().turn())),
                along("down", one -> one.put().down(), OrnamentPlacing::down, Side.TOP, Side.BOTTOM,
                        (one, along) -> new Ornament.Put(one.put().across(), along, one.put().turn())),
                turn(), Rows.row("Stands", raised()), raisedBy(), Rows.row("Colour", colour())));
        return rows;
    }

    /** The ornament as it is now; absent while it is being taken away. */
    private Optional<Ornament> find(Plan plan) {
        return plan.project().ornaments().stream().filter(ornament -> ornament.id().equals(id)).findFirst();
    }

    private boolean edit(UnaryOperator<Ornament> change) {
        return find(work.plan()).map(now -> work.change(project -> project.withOrnament(change.apply(now))))
                .orElse(false);
    }

    private void show(BiConsumer<Plan, Ornament> shown) {
        live.onPlan(plan -> find(plan).ifPresent(ornament -> shown.accept(plan, ornament)));
    }

    private TextField name() {
        TextField field = new TextField();
        field.setId(id + "-name");
        field.setAccessibleText("What the ornament is called");
        show((plan, ornament) -> {
            if (!field.isFocused()) {
                field.setText(ornament.label());
            }
        });
        Runnable take = () -> {
            String typed = field.getText().strip();
            boolean used = work.plan().design().ornaments().stream()
                    .anyMatch(other -> !other.id().equals(id) && other.label().equals(typed));
            if (used) {
                work.say("Another ornament is called “" + typed + "”.");
            } else if (!typed.isEmpty() && typed.length() <= 40) {
                edit(ornament -> ornament.called(typed));
            }
        };
        field.setOnAction(enter -> take.run());
        field.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                take.run();
            }
        });
        return field;
    }

    private Node on() {
        ComboBox<PartPlace.OnPanel> box = new ComboBox<>();
        box.setId(id + "-on");
        box.setMaxWidth(Double.MAX_VALUE);
        box.setAccessibleText("Where the ornament lies");
        box.setConverter(new Words<>(place -> PartOffers.words(work.plan(), place)));
        show((plan, ornament) -> {
            box.getItems().setAll(PartOffers.places(plan).stream().filter(PartPlace.OnPanel.class::isInstance)
                    .map(PartPlace.OnPanel.class::cast).toList());
            box.setValue(new PartPlace.OnPanel(ornament.on(), Optional.of(ornament.face())));
        });
        box.valueProperty().addListener((property, was, is) -> live.edit(() -> {
            if (is != null) {
                Face face = is.face().orElse(Face.INSIDE);
                edit(ornament -> {
                    Ornament there = ornament.on(is.panel(), face);
                    double turn = OrnamentPlacing.of(work.plan(), there).map(OrnamentPlacing::upright).orElse(0.0);
                    return there.with(new Ornament.Put(Along.CENTRED, Along.CENTRED, turn));
                });
            }
        }));
        return box;
    }

    private ComboBox<OrnamentShape> shape() {
        ComboBox<OrnamentShape> box = new ComboBox<>();
        box.setId(id + "-shape");
        box.setAccessibleText("Shape of the ornament");
        box.getItems().setAll(OrnamentShape.values());
        box.setConverter(new Words<>(shape -> shape == OrnamentShape.PATH ? "from an SVG file" : shape.word()));
        show((plan, ornament) -> box.setValue(ornament.form().shape()));
        box.valueProperty().addListener((property, was, is) -> live.edit(() -> {
            Optional<Ornament.Traced> traced = is == OrnamentShape.PATH ? dialogs.shapeFromFile() : Optional.empty();
            if (is == OrnamentShape.PATH && traced.isEmpty()) {
                live.show(work.plan());
            } else {
                edit(ornament -> ornament.with(formed(ornament.form(), is, traced)));
            }
        }));
        return box;
    }

    private static Ornament.Form formed(Ornament.Form form, OrnamentShape shape, Optional<Ornament.Traced> traced) {
        Length height = switch (shape) {
            case CIRCLE -> form.width();
            case BANNER -> form.height().equals(form.width()) ? Length.ofNanometres(form.width().nanometres() / 4)
                    : form.height();
            case PATH -> times(form.width(), traced.orElseThrow().proportion());
            case RECTANGLE, OVAL -> form.height();
        };
        return new Ornament.Form(shape, form.width(), height, traced);
    }

    private static Length times(Length length, double factor) {
        return Length.nearestToMillimetres(length.toMillimetres() * factor);
    }

    private ComboBox<StashPunch> punch() {
        ComboBox<StashPunch> box = new ComboBox<>();
        box.setId(id + "-punch");
        box.setPromptText("choose one");
        box.setAccessibleText("As large as a die or punch cuts");
        box.getItems().setAll(dialogs.punches());
        box.setConverter(new Words<>(punch -> punch.name()));
        box.valueProperty().addListener((property, was, is) -> live.edit(() -> edit(ornament -> ornament
                .with(new Ornament.Form(ornament.form().shape(), is.cuts().width(),
                        ornament.form().shape() == OrnamentShape.CIRCLE ? is.cuts().width() : is.cuts().height(),
                        ornament.form().traced())))));
        return box;
    }

    private Node length(String label, String field, Function<Ornament, Length> read,
            BiFunction<Ornament, Length, Ornament> write) {
        Stepper stepper = new Stepper(label, by -> find(work.plan()).ifPresent(now -> {
            Length next = read.apply(now).plus(work.project().step().length().times(by));
            if (next.isPositive()) {
                edit(ornament -> write.apply(ornament, next));
            }
        }), text -> live.typedLength(text,
                length -> length.isPositive() && edit(ornament -> write.apply(ornament, length))));
        stepper.setId(id + "-" + field);
        show((plan, ornament) -> stepper.setValue(plan.format().number(read.apply(ornament)),
                plan.format().text(read.apply(ornament))));
        return Rows.row(label, stepper);
    }

    /** A circle and a traced shape keep their proportions. */
    private Ornament wide(Ornament ornament, Length width) {
        Ornament.Form form = ornament.form();
        Length height = switch (form.shape()) {
            case CIRCLE -> width;
            case PATH -> times(width, form.traced().orElseThrow().proportion());
            default -> form.height();
        };
        return ornament.with(new Ornament.Form(form.shape(), width, height, form.traced()));
    }

    private Ornament high(Ornament ornament, Length height) {
        Ornament.Form form = ornament.form();
        Length width = form.traced().map(traced -> times(height, 1 / traced.proportion())).orElse(form.width());
        return ornament.with(new Ornament.Form(form.shape(), width, height, form.traced()));
    }

    /** Where it lies in one direction: measured from which edge, and how far inside. */
    private Node along(String name, Function<Ornament, Along> read, BiFunction<OrnamentPlacing, Anchor, Along> from,
            Side low, Side high, BiFunction<Ornament, Along, Ornament.Put> write) {
        ComboBox<Anchor> box = new ComboBox<>();
        box.setId(id + "-" + name + "-from");
        box.setAccessibleText("What its place is measured from");
        box.getItems().setAll(Anchor.values());
        Stepper stepper = new Stepper("How far", by -> edit(ornament -> ornament.with(write.apply(ornament,
                by(read.apply(ornament), read.apply(ornament).by().plus(work.project().step().length().times(by)))))),
                text -> live.typedDistance(text, length -> edit(
                        ornament -> ornament.with(write.apply(ornament, by(read.apply(ornament), length))))));
        stepper.setId(id + "-" + name);
        show((plan, ornament) -> {
            box.setConverter(new Words<>(anchor -> word(plan, ornament, anchor, low, high)));
            box.setValue(read.apply(ornament).from());
            stepper.setValue(plan.format().number(read.apply(ornament).by()),
                    plan.format().text(read.apply(ornament).by()));
        });
        box.valueProperty().addListener((property, was, is) -> live.edit(
                () -> edit(ornament -> OrnamentPlacing.of(work.plan(), ornament).map(placing -> ornament
                        .with(write.apply(ornament, from.apply(placing, is)))).orElse(ornament))));
        HBox row = new HBox(box, stepper);
        row.getStyleClass().add("place-row");
        return row;
    }

    private static Along by(Along along, Length by) {
        return new Along(along.from(), by);
    }

    private static String word(Plan plan, Ornament ornament, Anchor anchor, Side low, Side high) {
        if (anchor == Anchor.MIDDLE) {
            return "middle";
        }
        Side side = anchor == Anchor.START ? low : high;
        return OrnamentPlacing.of(plan, ornament).map(placing -> placing.seen(side)).orElse(side).word();
    }

    /** 0 is upright on the closed card. */
    private Node turn() {
        Stepper stepper = new Stepper("Turned, degrees", by -> edit(ornament -> turned(ornament,
                shown(ornament) + by * TURN_STEP)), this::typedTurn);
        stepper.setId(id + "-turn");
        show((plan, ornament) -> stepper.setValue(degrees(shown(ornament)) + "°", degrees(shown(ornament))));
        return Rows.row("Turned", stepper);
    }

    private static String degrees(double turn) {
        return turn == Math.rint(turn) ? String.valueOf((long) turn) : String.valueOf(Math.round(turn * 10) / 10.0);
    }

    private double shown(Ornament ornament) {
        double turn = ornament.put().turn() - upright(ornament);
        return Math.rint((turn - 360 * Math.floor((turn + 180) / 360)) * 1e6) / 1e6;
    }

    private double upright(Ornament ornament) {
        return OrnamentPlacing.of(work.plan(), ornament).map(OrnamentPlacing::upright).orElse(0.0);
    }

    private Ornament turned(Ornament ornament, double shown) {
        double turn = shown + upright(ornament);
        return ornament.with(new Ornament.Put(ornament.put().across(), ornament.put().down(),
                turn - 360 * Math.floor((turn + 180) / 360)));
    }

    private boolean typedTurn(String text) {
        String number = text.strip().replace('°', ' ').replace(',', '.').replace('−', '-').strip();
        if (!number.matches("-?\\d{1,3}(\\.\\d{1,3})?")) {
            work.say("“" + text.strip() + "” is not a number of degrees from −360 to 360.");
            return false;
        }
        return edit(ornament -> turned(ornament, Double.parseDouble(number)));
    }

    private ComboBox<String> raised() {
        ComboBox<String> box = new ComboBox<>();
        box.setId(id + "-raised");
        box.setAccessibleText("How high the ornament stands");
        for (Raise raise : Raise.values()) {
            box.getItems().add(raise.word());
        }
        show((plan, ornament) -> box.setValue(Raise.of(ornament.height()).map(Raise::word).orElse("")));
        box.setPromptText("own height");
        box.valueProperty().addListener((property, was, is) -> live.edit(() -> Raise.named(String.valueOf(is))
                .ifPresent(raise -> edit(ornament -> ornament.withHeight(raise.height())))));
        return box;
    }

    /** Thicknesses are in millimetres whatever the ruler. */
    private Node raisedBy() {
        LengthFormat millimetres = LengthFormat.of(LengthUnit.MILLIMETRE);
        Stepper stepper = new Stepper("Height above the panel", by -> find(work.plan()).ifPresent(now -> {
            Length next = now.height().plus(HEIGHT_STEP.times(by));
            if (!next.isNegative()) {
                edit(ornament -> ornament.withHeight(next));
            }
        }), text -> live.typedLength(text.matches(".*[0-9]\\s*") ? text + " mm" : text, length -> {
            if (length.isLongerThan(HIGHEST)) {
                work.say("An ornament higher than " + millimetres.text(HIGHEST) + " shuts in no card.");
                return false;
            }
            return edit(ornament -> ornament.withHeight(length));
        }));
        stepper.setId(id + "-high");
        show((plan, ornament) -> stepper.setValue(millimetres.number(ornament.height()),
                millimetres.text(ornament.height())));
        return Rows.row("High, mm", stepper);
    }

    private ColorPicker colour() {
        ColorPicker picker = new ColorPicker();
        picker.setId(id + "-colour");
        picker.setAccessibleText("Colour of the ornament");
        show((plan, ornament) -> picker.setValue(Color.web(ornament.colour().orElse(Ink.ORNAMENT.colour()))));
        picker.setOnAction(chosen -> live.edit(() -> {
            Color colour = picker.getValue();
            edit(ornament -> ornament.withColour(String.format("#%02X%02X%02X", Math.round(colour.getRed() * 255),
                    Math.round(colour.getGreen() * 255), Math.round(colour.getBlue() * 255))));
        }));
        return picker;
    }
}
