package cufflink.desktop.view;

import cufflink.files.handout.LabelPages;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthUnit;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;

/** Asks how labels lie on their sheets. */
public final class LabelsDialog extends FormDialog<LabelPages.Sheet> {
    private static final double LEAST_WIDE = 20;
    private static final double LEAST_HIGH = 10;
    private static final int MOST = 40;

    private final LengthUnit unit;
    private final ComboBox<NamedSize> page = new ComboBox<>();
    private final TextField rows = new TextField("8");
    private final TextField columns = new TextField("3");
    private final TextField margins = new TextField();
    private final TextField gaps = new TextField();

    public LabelsDialog(LengthUnit unit) {
        super("Labels", "How the labels lie on their sheet");
        this.unit = unit;
        boolean inch = unit == LengthUnit.INCH;
        page.getItems().setAll(PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow(),
                PublishedSizes.named(NamedSize.Kind.SHEET, "A4").orElseThrow());
        page.setConverter(new Words<>(NamedSize::name));
        page.setValue(page.getItems().get(inch ? 0 : 1));
        rows.setId("label-rows");
        columns.setId("label-columns");
        margins.setText(inch ? "3/16 × 1/2 in" : "5 × 12 mm");
        gaps.setText(inch ? "0 × 0 in" : "0 × 0 mm");
        row("Sheet", page);
        row("Rows", rows);
        row("Columns", columns);
        row("Margins, left × top", margins);
        row("Gaps, across × down", gaps);
        endRows();
    }

    @Override
    Optional<LabelPages.Sheet> read() {
        Optional<Integer> down = count("Rows", rows).filter(number -> number > 0 && number <= MOST);
        Optional<Integer> across = down.isEmpty() ? down
                : count("Columns", columns).filter(number -> number > 0 && number <= MOST);
        if (across.isEmpty()) {
            return fail("Rows and columns: whole numbers from 1 to " + MOST + ".");
        }
        Optional<List<Length>> edges = two("Margins", margins);
        Optional<List<Length>> between = edges.isEmpty() ? edges : two("Gaps", gaps);
        if (between.isEmpty()) {
            return Optional.empty();
        }
        LabelPages.Sheet sheet = new LabelPages.Sheet(page.getValue(), down.get(), across.get(),
                edges.get().get(0), edges.get().get(1), between.get().get(0), between.get().get(1));
        return sheet.width() < LEAST_WIDE || sheet.height() < LEAST_HIGH
                ? fail("A label would be " + Math.round(sheet.width()) + " × " + Math.round(sheet.height())
                        + " mm: take fewer, or smaller margins.")
                : Optional.of(sheet);
    }

    private Optional<List<Length>> two(String name, TextField field) {
        Optional<List<Length>> sides = LengthParser.readSize(field.getText(), unit).value()
                .filter(found -> found.size() == 2 && found.stream().noneMatch(Length::isNegative));
        return sides.isPresent() ? sides : fail(name + ": type two distances of 0 or more with × between them.");
    }
}
