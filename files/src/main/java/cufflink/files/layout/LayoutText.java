package cufflink.files.layout;

import cufflink.cut.LayoutPlan;
import cufflink.cut.LayoutWords;
import cufflink.cut.Placement;
import cufflink.cut.SheetLayout;
import cufflink.measure.LengthFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;

/** A layout as plain text: each kind of sheet with what it gives, the settings of the fence and what is left. */
public final class LayoutText {
    private LayoutText() {
    }

    public static String of(LayoutPlan layout, LengthFormat format) {
        StringBuilder text = new StringBuilder(LayoutWords.sheets(layout)).append('\n');
        if (!layout.unplaced().isEmpty()) {
            text.append("No paper for ").append(counted(layout.unplaced())).append(".\n");
        }
        LayoutWords.alike(layout).forEach((sheet, count) -> sheet(sheet, count, format, text));
        return text.toString();
    }

    private static void sheet(SheetLayout sheet, int count, LengthFormat format, StringBuilder text) {
        text.append('\n').append(count).append(" × ").append(sheet.stock().name()).append(", ")
                .append(format.size(sheet.stock().width(), sheet.stock().height()))
                .append(sheet.stock().offcut() ? ", offcut" : "").append(": ")
                .append(counted(sheet.placements().stream().map(LayoutText::label).toList())).append('\n');
        LayoutWords.cuts(sheet, format).forEach(setting -> text.append("  ").append(setting).append('\n'));
        String whole = LayoutWords.whole(sheet);
        if (!whole.isEmpty()) {
            text.append("  ").append(whole).append('\n');
        }
        sheet.offcuts()
                .forEach(part -> text.append("  Keep ").append(format.size(part.width(), part.height())).append(".\n"));
    }

    private static String label(Placement placement) {
        return placement.piece() + placement.other()
                .map(other -> other.piece().equals(placement.piece()) ? " (two)" : " with " + other.piece()).orElse("");
    }

    private static String counted(List<String> names) {
        return names.stream().collect(Collectors.groupingBy(name -> name, LinkedHashMap::new, Collectors.counting()))
                .entrySet().stream()
                .map(entry -> entry.getValue() + " × " + entry.getKey()).collect(Collectors.joining(", "));
    }
}
