package cufflink.plan;

import cufflink.design.PieceParts;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.Lap;
import cufflink.measure.LengthFormat;
import cufflink.words.Message;
import cufflink.words.StepWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Pieces that are too long for their sheets are joined of parts before they are scored. */
final class JoinSteps {
    private JoinSteps() {
    }

    static void write(RunSheet sheet) {
        sheet.plan().design().pieces().forEach(piece -> join(sheet, piece));
    }

    private static void join(RunSheet sheet, SizedDesign.Piece piece) {
        PieceParts parts = CutPart.parts(sheet.plan().project(), piece);
        if (!parts.isJoined()) {
            return;
        }
        LengthFormat format = sheet.plan().format();
        List<Message> told = new ArrayList<>(List.of(StepWords.JOIN.of("face", piece.up().word())));
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < parts.laps().size(); i++) {
            Lap lap = parts.laps().get(i);
            told.add(StepWords.LAP.of("part", i + 2, "before", i + 1, "lap", format.text(lap.width())));
            readings.add(new Reading(piece.id() + " lap " + (i + 1),
                    "from the left edge of part 1 to that of part " + (i + 2),
                    lap.from(), Optional.empty(), "", Optional.empty()));
        }
        told.add(StepWords.JOINED.of("length", format.text(piece.width().length())));
        sheet.add(StepWords.JOIN_PARTS.of("piece", piece.label(), "count", parts.parts().size()), told,
                Optional.empty(), new StepSubject.OfPiece(piece.id()), readings);
    }
}
