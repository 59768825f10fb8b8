package cufflink.desktop.view;

import cufflink.design.Face;
import cufflink.design.Ornament;
import cufflink.design.Ornament.Along;
import cufflink.design.OrnamentShape;
import cufflink.design.PartPlace;
import cufflink.design.Raise;
import cufflink.desktop.control.Stepper;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.Ink;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.plan.OrnamentPlacing;
import cufflink.plan.PartOffers;
import cufflink.stash.StashPunch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.paint.Color;

/** The numbers of one ornament that the maker added; places are named as its face is seen with the card upright. */
final class OrnamentRows {
    private static final int LONGEST_NAME = 40;
    private static final Length HEIGHT_STEP = Length.ofMicrometres(100);

    private final Workspace work;
    private final LiveRows live;
    private final SizePane.Dialogs dialogs;
    private final LiveOrnament own;

    OrnamentRows(Workspace work, LiveRows live, SizePane.Dialogs dialogs, String id) {
        this.work = work;
        this.live = live;
        this.dialogs = dialogs;
        this.own = new LiveOrnament(work, live, id);
    }

    List<Node> rows(Ornament ornament) {
        List<Node> rows = new ArrayList<>(List.of(Rows.row("Called", name()), on(), Rows.row("Shape", shape())));
        if (!dialogs.punches().isEmpty()) {
            rows.add(Rows.row("As a punch cuts", punch()));
        }
        boolean isRound = ornament.form().shape() == OrnamentShape.CIRCLE;
        rows.add(length(isRound ? "Across" : "Width", "width", one -> one.form().width(),
                (one, width) -> one.with(one.form().wide(width))));
        if (!isRound) {
            rows.add(length("Height", "height", one -> one.form().height(),
                    (one, height) -> one.with(one.form().high(height))));
        }
        rows.addAll(new OrnamentPlaceRows(work, live, own).rows());
        rows.addAll(List.of(Rows.row("Stands", raised()), raisedBy(), Rows.row("Colour", colour())));
        return rows;
    }

    private TextField name() {
        TextField field = new TextField();
        field.setId(own.id() + "-name");
        field.setAccessibleText("What the ornament is called");
        own.show((plan, ornament) -> {
            if (!field.isFocused()) {
                field.setText(ornament.label());
            }
        });
        Runnable take = () -> {
            String typed = field.getText().strip();
            boolean used = work.plan().design().ornaments().stream()
                    .anyMatch(other -> !other.id().equals(own.id()) && other.label().equals(typed));
            if (used) {
                work.say("Another ornament is called “" + typed + "”.");
            } else if (typed.isEmpty() || typed.length() > LONGEST_NAME) {
                work.say("An ornament is called by 1 to " + LONGEST_NAME + " letters.");
            } else {
                own.edit(ornament -> ornament.called(typed));
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
        box.setId(own.id() + "-on");
        box.setMaxWidth(Double.MAX_VALUE);
        box.setAccessibleText("Where the ornament lies");
        box.setConverter(new Words<>(place -> PartOffers.words(work.plan(), place)));
        own.show((plan, ornament) -> {
            box.getItems().setAll(PartOffers.places(plan).stream().filter(PartPlace.OnPanel.class::isInstance)
                    .map(PartPlace.OnPanel.class::cast).toList());
            box.setValue(new PartPlace.OnPanel(ornament.on(), Optional.of(ornament.face())));
        });
        box.valueProperty().addListener((property, was, is) -> live.edit(() -> {
            if (is != null) {
                Face face = is.face().orElse(Face.INSIDE);
                own.edit(ornament -> {
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
        box.setId(own.id() + "-shape");
        box.setAccessibleText("Shape of the ornament");
        box.getItems().setAll(OrnamentShape.values());
        box.setConverter(new Words<>(shape -> shape == OrnamentShape.PATH ? "from an SVG file" : shape.word()));
        own.show((plan, ornament) -> box.setValue(ornament.form().shape()));
        box.valueProperty().addListener((property, was, is) -> live.edit(() -> {
            Optional<Ornament.Traced> traced = is == OrnamentShape.PATH ? dialogs.shapeFromFile() : Optional.empty();
            if (is == OrnamentShape.PATH && traced.isEmpty()) {
                live.show(work.plan());
            } else {
                own.edit(ornament -> ornament.with(traced.map(ornament.form()::traced)
                        .orElseGet(() -> ornament.form().shaped(is))));
            }
        }));
        return box;
    }

    private ComboBox<StashPunch> punch() {
        ComboBox<StashPunch> box = new ComboBox<>();
        box.setId(own.id() + "-punch");
        box.setPromptText("choose one");
        box.setAccessibleText("As large as a die or punch cuts");
        box.getItems().setAll(dialogs.punches());
        box.setConverter(new Words<>(punch -> punch.name()));
        box.valueProperty().addListener((property, was, is) -> live.edit(() -> own.edit(ornament -> ornament
                .with(cut(ornament.form(), is)))));
        return box;
    }

    /** What a punch cuts, as an ornament: of the shapes that ornaments have, otherwise as large as it cuts. */
    private static Ornament.Form cut(Ornament.Form before, StashPunch punch) {
        Ornament.Form shaped = switch (punch.die().shape()) {
            case CIRCLE -> before.shaped(OrnamentShape.CIRCLE);
            case OVAL -> before.shaped(OrnamentShape.OVAL);
            case RECTANGLE -> before.shaped(OrnamentShape.RECTANGLE);
            case UNTOLD -> before;
            default -> before.traced(punch.die().drawn().orElseThrow());
        };
        return shaped.high(punch.cuts().height()).wide(punch.cuts().width());
    }

    private Node length(String label, String field, Function<Ornament, Length> read,
            BiFunction<Ornament, Length, Ornament> write) {
        Stepper stepper = new Stepper(label, by -> own.edit(ornament -> {
            Length next = read.apply(ornament).plus(work.project().step().length().times(by));
            return next.isPositive() ? write.apply(ornament, next) : ornament;
        }), text -> live.typedSize(text, length -> own.edit(ornament -> write.apply(ornament, length))));
        stepper.setId(own.id() + "-" + field);
        own.show((plan, ornament) -> stepper.setValue(plan.format().number(read.apply(ornament)),
                plan.format().text(read.apply(ornament))));
        return Rows.row(label, stepper);
    }

    private ComboBox<String> raised() {
        ComboBox<String> box = new ComboBox<>();
        box.setId(own.id() + "-raised");
        box.setAccessibleText("How high the ornament stands");
        for (Raise raise : Raise.values()) {
            box.getItems().add(raise.word());
        }
        own.show((plan, ornament) -> box.setValue(Raise.of(ornament.height()).map(Raise::word).orElse("")));
        box.setPromptText("own height");
        box.valueProperty().addListener((property, was, is) -> live.edit(() -> Raise.named(String.valueOf(is))
                .ifPresent(raise -> own.edit(ornament -> ornament.withHeight(raise.height())))));
        return box;
    }

    /** Thicknesses are in millimetres whatever the ruler. */
    private Node raisedBy() {
        LengthFormat millimetres = LengthFormat.of(LengthUnit.MILLIMETRE);
        Stepper stepper = new Stepper("Height above the panel", by -> own.edit(ornament -> {
            Length next = ornament.height().plus(HEIGHT_STEP.times(by));
            return next.isNegative() ? ornament : ornament.withHeight(next);
        }), text -> live.typedLength(text.matches(".*[0-9]\\s*") ? text + " mm" : text,
                length -> length.isLongerThan(Ornament.HIGHEST)
                        ? work.refuse("An ornament higher than " + millimetres.text(Ornament.HIGHEST)
                                + " shuts in no card.")
                        : own.edit(ornament -> ornament.withHeight(length))));
        stepper.setId(own.id() + "-high");
        own.show((plan, ornament) -> stepper.setValue(millimetres.number(ornament.height()),
                millimetres.text(ornament.height())));
        return Rows.row("High, mm", stepper);
    }

    private ColorPicker colour() {
        ColorPicker picker = new ColorPicker();
        picker.setId(own.id() + "-colour");
        picker.setAccessibleText("Colour of the ornament");
        own.show((plan, ornament) -> picker.setValue(Color.web(ornament.colour().orElse(Ink.ORNAMENT.colour()))));
        picker.setOnAction(chosen -> live.edit(() -> {
            Color colour = picker.getValue();
            own.edit(ornament -> ornament.withColour(String.format("#%02X%02X%02X", Math.round(colour.getRed() * 255),
                    Math.round(colour.getGreen() * 255), Math.round(colour.getBlue() * 255))));
        }));
        return picker;
    }
}
