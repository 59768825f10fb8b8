package cufflink.desktop.view;

import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.paper.BenchTools;
import cufflink.paper.GrainRule;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;

/** Edits the maker's trimmer and scoring board. */
public final class ToolsDialog extends FormDialog<BenchTools> {
    private final LengthUnit unit;
    private final TextField trimmer = new TextField();
    private final TextField cutsShort = new TextField();
    private final TextField width = new TextField();
    private final TextField height = new TextField();
    private final TextField grooves = new TextField();
    private final CheckBox onGrooves = new CheckBox("Scores land on the grooves");
    private final ComboBox<GrainRule> grain = new ComboBox<>();

    public ToolsDialog(BenchTools tools, LengthUnit unit) {
        super("Tools", "Your trimmer and scoring board");
        this.unit = unit;
        LengthFormat format = LengthFormat.of(unit);
        trimmer.setText(format.text(tools.trimmerLength()));
        width.setText(format.text(tools.boardWidth()));
        height.setText(format.text(tools.boardHeight()));
        grooves.setText(format.text(tools.grooveStep()));
        row("Longest cut of the trimmer", trimmer);
        cutsShort.setId("cuts-short");
        cutsShort.setText(ExactText.of(tools.cutsShort()));
        cutsShort.setTooltip(new Tooltip("Less than 0 if it cuts long"));
        row("It cuts short by", cutsShort);
        row("Board, from the left fence", width);
        row("Board, from the top fence", height);
        row("A groove every", grooves);
        onGrooves.setId("on-grooves");
        onGrooves.setSelected(tools.onGrooves());
        row("", onGrooves);
        grain.getItems().setAll(GrainRule.values());
        grain.setConverter(new Words<>(rule -> switch (rule) {
            case MUST -> "Always along the grain";
            case PREFER -> "Along the grain if it takes no more paper";
            case IGNORE -> "However it fits";
        }));
        grain.setValue(tools.grain());
        row("Long folds lie", grain);
        endRows();
    }

    @Override
    Optional<BenchTools> read() {
        Optional<Length> cut = size("Trimmer", trimmer, unit);
        Optional<Length> across = cut.isEmpty() ? cut : size("Board", width, unit);
        Optional<Length> down = across.isEmpty() ? across : size("Board", height, unit);
        Optional<Length> step = down.isEmpty() ? down : size("Grooves", grooves, unit);
        Optional<Length> off = step.isEmpty() ? step : off();
        return off.map(by -> new BenchTools(cut.orElseThrow(), across.orElseThrow(), down.orElseThrow(),
                step.orElseThrow(), grain.getValue(), onGrooves.isSelected(), by));
    }

    private Optional<Length> off() {
        LengthReading<Length> read = LengthParser.read(cutsShort.getText().isBlank() ? "0" : cutsShort.getText(), unit);
        return read.value().isEmpty() ? fail("Trimmer cuts short by: " + read.message())
                : read.value().get().abs().isLongerThan(BenchTools.MOST_OFF)
                        ? fail("Trimmer cuts short by: at most "
                                + LengthFormat.of(unit).text(BenchTools.MOST_OFF) + " either way.")
                : read.value();
    }
}
