package cufflink.files.layout;

import cufflink.cut.LayoutMessages;
import cufflink.cut.LayoutPlan;
import cufflink.cut.Placement;
import cufflink.cut.SheetLayout;
import cufflink.measure.LengthFormat;
import cufflink.words.Message;
import cufflink.words.Vocabulary;
import java.util.ArrayList;
import java.util.List;

/** A layout as plain text: each kind of sheet with what it gives, the settings of the fence and what is left. */
public final class LayoutText {
    private LayoutText() {
    }

    public static String of(LayoutPlan layout, LengthFormat format) {
        StringBuilder text = new StringBuilder(Vocabulary.sentences(LayoutMessages.sheets(layout))).append('\n');
        if (!layout.unplaced().isEmpty()) {
            text.append("No paper for ").append(LayoutMessages.pieces(layout.unplaced())).append(".\n");
        }
        layout.alike().forEach((sheet, count) -> sheet(sheet, count, format, text));
        return text.toString();
    }

    private static void sheet(SheetLayout sheet, int count, LengthFormat format, StringBuilder text) {
        text.append('\n').append(count).append(" × ").append(sheet.stock().name()).append(", ")
                .append(format.size(sheet.stock().width(), sheet.stock().height()))
                .append(sheet.stock().offcut() ? ", offcut" : "").append(": ")
                .append(LayoutMessages.pieces(sheet.placements().stream().map(LayoutText::label).toList()))
                .append('\n');
        List<Message> said = new ArrayList<>(LayoutMessages.cuts(sheet, format));
        said.addAll(LayoutMessages.diagonals(sheet));
        LayoutMessages.whole(sheet).ifPresent(said::add);
        said.forEach(line -> text.append("  ").append(line).append('\n'));
        sheet.offcuts()
                .forEach(part -> text.append("  Keep ").append(format.size(part.width(), part.height())).append(".\n"));
    }

    private static String label(Placement placement) {
        return placement.piece() + placement.other()
                .map(other -> other.piece().equals(placement.piece()) ? " (two)" : " with " + other.piece()).orElse("");
    }
}
