package cufflink.directions.finding;

import cufflink.directions.Claim;
import cufflink.directions.Directions;
import cufflink.directions.PieceName;
import cufflink.directions.ReadPiece;
import cufflink.directions.Said;
import cufflink.directions.finding.Finding.Grade;
import cufflink.measure.Length;
import cufflink.words.FindingWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Where all layers but one leave the same border, the one is unlikely. */
final class PatternJudge {
    /** So many that agree make a pattern. */
    private static final int FEWEST = 3;
    private static final Length WIDEST = Length.ofInches(1);

    /** What a layer lies on: another layer, or the panel that it fits best. */
    private record Under(ReadPiece piece, Length width, Length height) {
    }

    /** A layer, and how much smaller it is than what it lies on, in both directions. */
    private record Less(ReadPiece piece, Under under, Length across, Length down) {
    }

    private PatternJudge() {
    }

    static Stream<Finding> find(Directions directions) {
        List<Less> layers = new ArrayList<>();
        List<ReadPiece> pieces = directions.pieces();
        for (int i = 0; i < pieces.size(); i++) {
            int at = i;
            under(directions, i).flatMap(under -> less(pieces.get(at), under)).ifPresent(layers::add);
        }
        List<Claim.EachSmaller> said = directions.claims().stream().filter(Claim.EachSmaller.class::isInstance)
                .map(Claim.EachSmaller.class::cast).toList();
        if (!said.isEmpty()) {
            return said.stream().flatMap(claim -> told(directions, claim).stream());
        }
        Map<Length, Integer> steps = new HashMap<>();
        layers.stream().filter(less -> less.across().equals(less.down()))
                .forEach(less -> steps.merge(less.across(), 1, Integer::sum));
        Optional<Map.Entry<Length, Integer>> most = steps.entrySet().stream().max(Map.Entry.comparingByValue());
        if (most.isEmpty()) {
            return Stream.empty();
        }
        Length by = most.get().getKey();
        List<Less> odd = layers.stream().filter(less -> !less.across().equals(by) || !less.down().equals(by)).toList();
        int like = most.get().getValue();
        boolean one = odd.size() == 1 && (like >= FEWEST || like >= FEWEST - 1 && layers.size() == pieces.size() - 1)
                || odd.size() == 2 && follows(odd.get(0), odd.get(1), by);
        return one && (odd.get(0).across().equals(by) || odd.get(0).down().equals(by))
                ? Stream.of(finding(odd.get(0), by)) : Stream.empty();
    }

    /** The first that is not smaller by what the text itself says. */
    private static Optional<Finding> told(Directions directions, Claim.EachSmaller claim) {
        List<ReadPiece> layers = directions.pieces().stream()
                .filter(piece -> PieceName.of(claim.name()).means(PieceName.of(piece.name()))).toList();
        Length by = claim.by().length();
        for (int i = 1; i < layers.size(); i++) {
            ReadPiece under = layers.get(i - 1);
            Less less = new Less(layers.get(i),
                    new Under(under, under.width().length(), under.height().length()),
                    under.width().length().minus(layers.get(i).width().length()),
                    under.height().length().minus(layers.get(i).height().length()));
            if (less.across().equals(by) != less.down().equals(by)) {
                return Optional.of(finding(less, by));
            }
        }
        return Optional.empty();
    }

    /** Whether the second is only odd because of the first, on which it lies. */
    private static boolean follows(Less first, Less second, Length by) {
        return second.under().piece() == first.piece()
                && first.under().width().minus(by.times(2)).equals(second.piece().width().length())
                && first.under().height().minus(by.times(2)).equals(second.piece().height().length());
    }

    /** What a layer lies on: the piece that is named, else the one told before it, as in a list of layers. */
    private static Optional<ReadPiece> under(Directions directions, int index) {
        ReadPiece piece = directions.pieces().get(index);
        if (!List.of("mat", "layer").contains(PieceName.of(piece.name()).head())) {
            return Optional.empty();
        }
        Optional<ReadPiece> named = LayerJudge.under(directions, piece);
        return named.isPresent() || index == 0 ? named : Optional.of(directions.pieces().get(index - 1));
    }

    private static Optional<Less> less(ReadPiece piece, ReadPiece under) {
        return PanelJudge.panels(under, true).stream()
                .flatMap(wide -> PanelJudge.panels(under, false).stream().map(high -> new Under(under, wide, high)))
                .map(panel -> new Less(piece, panel, panel.width().minus(piece.width().length()),
                        panel.height().minus(piece.height().length())))
                .filter(less -> !less.across().isNegative() && !less.down().isNegative()
                        && !less.across().isLongerThan(WIDEST) && !less.down().isLongerThan(WIDEST))
                .min(Comparator.comparing(less -> less.across().minus(less.down()).abs()));
    }

    private static Finding finding(Less less, Length by) {
        boolean wide = !less.across().equals(by);
        Said wrong = wide ? less.piece().width() : less.piece().height();
        Length right = (wide ? less.under().width() : less.under().height()).minus(by);
        return Finding.of(Grade.UNLIKELY, "pattern",
                FindingWords.BREAKS_PATTERN.of("by", Near.like(by, wrong), "piece", less.piece().one()),
                List.of(wrong.span(), less.under().piece().span()), List.of(Near.text(wrong), Near.like(right, wrong)))
                .suggesting(wrong.span(), Near.like(right, wrong));
    }
}
