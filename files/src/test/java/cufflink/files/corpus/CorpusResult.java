package cufflink.files.corpus;

import cufflink.directions.Directions;
import cufflink.directions.DirectionsReader;
import cufflink.directions.Edit;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.finding.Finding;
import cufflink.directions.match.DesignMatch;
import cufflink.directions.study.DirectionsStudy;
import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How well a set was read.
 *
 * @param numbers sides and scores that it has
 * @param right   those that were read so
 * @param found   whether its fault was found; empty without one
 * @param falsely findings that are about something else
 * @param first   whether its design is the first; empty without one
 */
record CorpusResult(CorpusSet set, int numbers, int right, Optional<Boolean> found, List<String> falsely,
        Optional<Boolean> first, String said) {
    static CorpusResult of(CorpusSet set, DirectionsStudy study) {
        Directions read = new DirectionsReader().read(set.text(), Optional.empty()).orThrow();
        DirectionsStudy.Study found = study.of(read);
        int numbers = set.pieces().stream().mapToInt(CorpusSet.Piece::numbers).sum();
        List<Finding> about = found.findings().stream().filter(finding -> isAbout(finding, set)).toList();
        List<String> falsely = found.findings().stream().filter(finding -> !about.contains(finding))
                .filter(finding -> about.isEmpty()).map(finding -> finding.text().sentence()).toList();
        Optional<Boolean> first = set.design()
                .map(id -> found.designs().stream().findFirst().map(DesignMatch::design)
                        .filter(design -> design.id().equals(id)).isPresent());
        return new CorpusResult(set, numbers, right(set, read.pieces()), set.planted().map(one -> !about.isEmpty()),
                falsely, first, said(found));
    }

    private static boolean isAbout(Finding finding, CorpusSet set) {
        return set.planted().filter(planted -> Stream
                .concat(finding.places().stream(), finding.suggestion().map(Edit::place).stream())
                .anyMatch(span -> span.from() < planted.to() && planted.from() < span.to())).isPresent();
    }

    /** Each piece of the set beside the one of the text that has most of its numbers; what is read besides is wrong. */
    private static int right(CorpusSet set, List<ReadPiece> read) {
        List<ReadPiece> free = new ArrayList<>(read);
        int right = 0;
        for (CorpusSet.Piece piece : set.pieces()) {
            Optional<ReadPiece> best = free.stream()
                    .max((one, other) -> Integer.compare(right(piece, one), right(piece, other)));
            if (best.isPresent()) {
                right += right(piece, best.get());
                free.remove(best.get());
            }
        }
        int besides = free.stream().mapToInt(piece -> 2 + piece.scores().size()).sum();
        return Math.max(0, right - besides);
    }

    private static int right(CorpusSet.Piece piece, ReadPiece read) {
        boolean asSaid = read.width().length().equals(piece.width()) && read.height().length().equals(piece.height());
        int sides = (read.width().length().equals(piece.width()) ? 1 : 0)
                + (read.height().length().equals(piece.height()) ? 1 : 0);
        boolean counted = read.quantity() == piece.quantity();
        List<CorpusSet.At> wanted = new ArrayList<>(piece.scores());
        int scores = 0;
        int besides = 0;
        for (ReadScore score : read.scores()) {
            if (wanted.remove(new CorpusSet.At(score.from(), score.at().length()))
                    || wanted.remove(mirrored(score, read))) {
                scores++;
            } else {
                besides++;
            }
        }
        return Math.max(0, sides + scores - besides - (counted ? 0 : 1) - (asSaid ? 0 : 1));
    }

    private static CorpusSet.At mirrored(ReadScore score, ReadPiece read) {
        Length side = read.side(score.isAlongWidth()).length();
        return new CorpusSet.At(score.from().opposite(), side.minus(score.at().length()));
    }

    /** What was made of it, to look at. */
    private static String said(DirectionsStudy.Study found) {
        StringBuilder text = new StringBuilder();
        found.directions().pieces().forEach(piece -> text.append("    ").append(piece.quantity()).append(" × ")
                .append(piece.name()).append(' ').append(piece.width().length()).append(" × ")
                .append(piece.height().length()).append(' ')
                .append(piece.scores().stream().map(score -> score.from().word() + " " + score.at().length()).toList())
                .append('\n'));
        found.findings().forEach(finding -> text.append("    ! ").append(finding.text().sentence()).append('\n'));
        found.designs().stream().limit(3).forEach(match -> text.append("    = ").append(match.design().id())
                .append(' ').append(match.set()).append(' ').append(match.agrees().size()).append('/')
                .append(match.differs().size()).append(' ').append(match.worth()).append('\n'));
        return text.toString();
    }

    boolean isAllRight() {
        return right == numbers && found.orElse(true) && falsely.isEmpty() && first.orElse(true);
    }
}
