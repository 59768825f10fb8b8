package cufflink.directions.finding;

import cufflink.directions.Claim;
import cufflink.directions.Directions;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.Said;
import cufflink.directions.finding.Finding.Grade;
import cufflink.measure.Length;
import cufflink.words.FindingWords;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** Panels that do not add up to their piece, or are not those that the scores make. */
final class PanelJudge {
    private PanelJudge() {
    }

    static Stream<Finding> find(Directions directions) {
        return Stream.concat(
                directions.claims().stream().filter(Claim.Panels.class::isInstance).map(Claim.Panels.class::cast)
                        .flatMap(claim -> finding(directions.pieces().get(claim.piece()), claim)),
                directions.claims().stream().filter(Claim.OnePanel.class::isInstance).map(Claim.OnePanel.class::cast)
                        .flatMap(claim -> one(directions.pieces().get(claim.piece()), claim)));
    }

    private static Stream<Finding> one(ReadPiece piece, Claim.OnePanel claim) {
        List<Length> panels = panels(piece,
                piece.scores().stream().findFirst().map(ReadScore::isAlongWidth).orElse(true));
        Length panel = switch (claim.which()) {
            case FIRST -> panels.get(0);
            case LAST -> panels.get(panels.size() - 1);
            case ANY -> panels.stream()
                    .min(Comparator.comparing(one -> one.minus(claim.width().length()).abs())).orElseThrow();
        };
        return panel.equals(claim.width().length()) || panels.size() < 2 ? Stream.empty()
                : Stream.of(Finding.of(Grade.CANNOT_BE, "panels",
                        FindingWords.OTHER_PANELS.of("piece", piece.one(), "panels",
                                panels.stream().map(one -> Near.like(one, claim.width())).toList()),
                        List.of(claim.width().span()), List.of(Near.text(claim.width())))
                        .suggesting(claim.width().span(), Near.like(panel, claim.width())));
    }

    private static Stream<Finding> finding(ReadPiece piece, Claim.Panels claim) {
        Length sum = claim.widths().stream().map(Said::length).reduce(Length.ZERO, Length::plus);
        List<String> values = claim.widths().stream().map(Near::text).toList();
        boolean alongWidth = sum.equals(piece.width().length()) || !sum.equals(piece.height().length())
                && piece.scores().stream().findFirst().map(ReadScore::isAlongWidth).orElse(true);
        Said side = piece.side(alongWidth);
        if (!sum.equals(side.length())) {
            return Stream.of(Finding.of(Grade.CANNOT_BE, "panels",
                    FindingWords.PANELS_DO_NOT_ADD_UP.of("piece", piece.one(), "sum",
                            Near.like(sum, claim.widths().get(0)), "side", Near.text(side)),
                    List.of(claim.span(), side.span()), values));
        }
        List<Length> panels = panels(piece, alongWidth);
        List<Length> said = new ArrayList<>(claim.widths().stream().map(Said::length).toList());
        boolean same = panels.equals(said);
        Collections.reverse(said);
        if (panels.size() < 2 || same || panels.equals(said)) {
            return Stream.empty();
        }
        return Stream.of(Finding.of(Grade.CANNOT_BE, "panels",
                FindingWords.OTHER_PANELS.of("piece", piece.one(), "panels",
                        panels.stream().map(panel -> Near.like(panel, side)).toList()),
                List.of(claim.span(), side.span()), values));
    }

    /** What lies between the scores along a side. */
    static List<Length> panels(ReadPiece piece, boolean alongWidth) {
        Length side = piece.side(alongWidth).length();
        List<Length> lines = new ArrayList<>(piece.scores().stream()
                .filter(score -> score.isAlongWidth() == alongWidth && !score.isSlanting())
                .map(score -> fromStart(score, side)).filter(at -> at.isPositive() && side.isLongerThan(at)).distinct()
                .sorted().toList());
        lines.add(side);
        List<Length> panels = new ArrayList<>();
        Length before = Length.ZERO;
        for (Length line : lines) {
            panels.add(line.minus(before));
            before = line;
        }
        return panels;
    }

    private static Length fromStart(ReadScore score, Length side) {
        return switch (score.from()) {
            case LEFT, TOP -> score.at().length();
            case RIGHT, BOTTOM -> side.minus(score.at().length());
        };
    }
}
