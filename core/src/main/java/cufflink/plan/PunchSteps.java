package cufflink.plan;

import cufflink.design.PieceDefinition.CutShape;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.CutOut;
import cufflink.measure.LengthFormat;
import cufflink.words.Message;
import cufflink.words.Numbered;
import cufflink.words.StepWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Punching and knife work before folding, and the pieces that are cut from what was cut away. */
final class PunchSteps {
    /** So many names go into a title. */
    private static final int MOST_NAMED = 3;

    private PunchSteps() {
    }

    static void write(RunSheet sheet) {
        sheet.plan().design().pieces().forEach(piece -> {
            openings(sheet, piece);
            fromWaste(sheet, piece);
        });
    }

    private static void openings(RunSheet sheet, SizedDesign.Piece piece) {
        List<CutOut> now = piece.cutOuts().stream()
                .filter(cut -> !cut.through() || !LayerSteps.isLayered(sheet.plan(), piece, cut))
                .filter(cut -> !Triangles.isDiagonal(piece, cut)).toList();
        if (now.isEmpty() && piece.slits().isEmpty()) {
            return;
        }
        List<String> cuts = Numbered.runs(now.stream().map(CutOut::id).toList());
        List<String> all = Stream.concat(piece.slits().stream().map(SizedDesign.Slit::id), cuts.stream()).toList();
        sheet.add(StepWords.PIECE_AND.of("piece", piece.label(), "what",
                cuts.size() > MOST_NAMED ? StepWords.CUT_OUTS.of("count", now.size())
                        : String.join(", ", cuts.isEmpty() ? all : cuts)),
                told(StepWords.PUNCH.of("what", String.join(", ", all)), now), Optional.of(StepWords.KNIFE.of()),
                new StepSubject.OfPiece(piece.id()),
                PunchReadings.of(piece, now, piece.slits(), sheet.plan().format()));
    }

    /** What is done, and how the knife goes where it goes straight. */
    static List<Message> told(Message cut, List<CutOut> cutOuts) {
        List<Message> told = new ArrayList<>(List.of(cut));
        if (cutOuts.stream().anyMatch(one -> one.shape() == CutShape.POLYGON)) {
            told.add(StepWords.MARK_TO_MARK.of());
        }
        return told;
    }

    /** The pieces that come out of this one's waste, alike ones together. */
    private static void fromWaste(RunSheet sheet, SizedDesign.Piece host) {
        LengthFormat format = sheet.plan().format();
        Map<String, List<SizedDesign.Piece>> alike = sheet.plan().design().pieces().stream()
                .filter(piece -> piece.from().filter(host.id()::equals).isPresent())
                .collect(Collectors.groupingBy(piece -> format.size(piece.width().length(), piece.height().length()),
                        LinkedHashMap::new, Collectors.toList()));
        alike.forEach((size, pieces) -> {
            SizedDesign.Piece first = pieces.get(0);
            String names = String.join(", ", Numbered
                    .runs(pieces.stream().map(piece -> piece.label().toLowerCase(Locale.ROOT)).toList()));
            Reading reading = new Reading(first.id(), pieces.size() == 1 ? names : "each of " + pieces.size(),
                    first.width().length(), Optional.of(first.height().length()), "", Optional.empty());
            sheet.add(StepWords.FROM_WASTE.of("piece", host.label(), "count", pieces.size()),
                    List.of(StepWords.CUT_FROM_WASTE.of("piece", host.label().toLowerCase(Locale.ROOT), "count",
                            pieces.size(), "size", size, "names", names)),
                    Optional.of(StepWords.KNIFE.of()), new StepSubject.OfPiece(first.id()), List.of(reading));
        });
    }
}
