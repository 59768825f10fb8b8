package cufflink.desktop.view;

import cufflink.design.Ornament;
import cufflink.die.Die;
import cufflink.die.DieShape;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.paper.SheetSize;
import cufflink.stash.StashItem;
import cufflink.stash.StashPunch;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;

/** Edits a punch or a die: what it cuts, how large, what fits. */
public final class PunchDialog extends FormDialog<StashItem> {
    private final StashPunch before;
    private final LengthUnit unit;
    private final TextField name = new TextField();
    private final ComboBox<DieShape> shape = new ComboBox<>();
    private final TextField size = new TextField();
    private final TextField scallops = new TextField();
    private final Button file = new Button("Read the shape from an SVG file");
    private final TextField outer = new TextField();
    private final TextField layer = new TextField();
    private final TextField set = new TextField();
    private final TextField heaviest = new TextField();
    private final TextField notes = new TextField();
    private Optional<Ornament.Traced> traced;

    /** {@code shapes} asks for a shape of a file. */
    public PunchDialog(StashPunch punch, LengthUnit unit, Supplier<Optional<Ornament.Traced>> shapes) {
        super("Stash", "Punch or die");
        this.before = punch;
        this.unit = unit;
        this.traced = punch.die().traced();
        LengthFormat format = LengthFormat.of(unit);
        name.setText(punch.name());
        shape.setId("die-shape");
        shape.getItems().setAll(DieShape.values());
        shape.setConverter(new Words<>(DieShape::word));
        shape.setValue(punch.die().shape());
        shape.setOnAction(chosen -> enable());
        size.setId("die-size");
        // A corner rounder is called by its radius.
        size.setText(punch.die().shape() == DieShape.CORNER
                ? format.text(Length.ofNanometres(punch.cuts().width().nanometres() / 2))
                : format.size(punch.cuts().width(), punch.cuts().height()));
        scallops.setId("die-scallops");
        scallops.setText(punch.die().scallops() > 0 ? String.valueOf(punch.die().scallops()) : "");
        scallops.setPromptText("as usual");
        file.setOnAction(press -> shapes.get().ifPresent(found -> traced = Optional.of(found)));
        outer.setText(punch.outer().map(known -> format.size(known.width(), known.height())).orElse(""));
        outer.setPromptText("not measured");
        layer.setText(punch.layer().map(known -> format.size(known.width(), known.height())).orElse(""));
        layer.setPromptText("not tried");
        set.setText(punch.set());
        set.setId("die-set");
        set.setPromptText("none");
        heaviest.setText(punch.heaviest().map(String::valueOf).orElse(""));
        heaviest.setPromptText("not known");
        notes.setText(punch.notes());
        row("Name", name);
        row("Shape", shape);
        row("What it cuts", size);
        row("Scallops", scallops);
        row("", file);
        row("The die itself", outer);
        row("Layer that fits, tried", layer);
        row("Nested set", set);
        row("Copes with, g/m²", heaviest);
        row("Notes", notes);
        endRows();
        enable();
    }

    private void enable() {
        scallops.setDisable(!shape.getValue().isScalloped());
        file.setDisable(shape.getValue() != DieShape.TRACED);
    }

    @Override
    Optional<StashItem> read() {
        Optional<String> called = name(name);
        Optional<SheetSize> cuts = called.isEmpty() ? Optional.empty() : cuts();
        Optional<Die> die = cuts.flatMap(this::die);
        if (die.isEmpty()) {
            return Optional.empty();
        }
        Optional<SheetSize> itself = optional("The die itself", outer);
        Optional<SheetSize> fits = optional("Layer that fits", layer);
        boolean read = outer.getText().isBlank() == itself.isEmpty() && layer.getText().isBlank() == fits.isEmpty();
        if (!read) {
            return Optional.empty();
        }
        if (!heaviest.getText().isBlank() && !heaviest.getText().strip().matches("[1-9]\\d{0,3}")) {
            return fail("Copes with: type whole grams per square metre such as 250.");
        }
        return Optional.of(new StashPunch(before.id(), called.get(), die.get(), itself, fits, set.getText().strip(),
                heaviest.getText().isBlank() ? Optional.empty()
                        : Optional.of(Integer.valueOf(heaviest.getText().strip())),
                notes.getText().strip()));
    }

    private Optional<SheetSize> optional(String what, TextField field) {
        return field.getText().isBlank() ? Optional.empty() : sheetSize(what, field, unit);
    }

    /** A circle may be told by how far it is across, a corner rounder by its radius. */
    private Optional<SheetSize> cuts() {
        LengthReading<List<Length>> read = LengthParser.readSize(size.getText(), unit);
        boolean one = read.value().filter(sides -> sides.size() == 1).isPresent();
        if (one && (shape.getValue().isRound() || shape.getValue() == DieShape.HALF_CIRCLE)) {
            return size("What it cuts", size, unit).map(across -> shape.getValue() == DieShape.CORNER
                    ? new SheetSize(across.times(2), across.times(2))
                    : new SheetSize(across, shape.getValue() == DieShape.HALF_CIRCLE
                            ? Length.ofNanometres(across.nanometres() / 2) : across));
        }
        return sheetSize("What it cuts", size, unit);
    }

    private Optional<Die> die(SheetSize cuts) {
        DieShape now = shape.getValue();
        if (now.isRound() && !cuts.width().equals(cuts.height())) {
            return fail("What it cuts: a " + now.word() + " is as high as it is wide.");
        }
        if (now == DieShape.TRACED && traced.isEmpty()) {
            return fail("Shape: read it from an SVG file.");
        }
        int count = Die.usualScallops(now, cuts);
        if (now.isScalloped() && !scallops.getText().isBlank()) {
            Optional<Integer> typed = count("Scallops", scallops);
            if (typed.isEmpty()) {
                return Optional.empty();
            }
            count = typed.get();
            if (count < Die.FEWEST_SCALLOPS || count > Die.MOST_SCALLOPS) {
                return fail("Scallops: from " + Die.FEWEST_SCALLOPS + " to " + Die.MOST_SCALLOPS + ".");
            }
        }
        return Optional.of(new Die(now, cuts, count, now == DieShape.TRACED ? traced : Optional.empty()));
    }
}
