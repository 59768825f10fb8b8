package cufflink.design;

import cufflink.design.SizedDesign.Along;
import cufflink.design.SizedDesign.Figure;
import cufflink.design.SizedDesign.Line;
import cufflink.measure.Length;
import cufflink.words.NoteWords;

/**
 * A line that is scored on a panel for show, by the panel's own measures.
 *
 * @param face  as seen from which it is measured, from the panel's top left corner
 * @param score never folded
 */
public record PanelScore(PanelRef on, Face face, Score score) {
    /**
     * The same on the panel's piece.
     *
     * @param panel    as it is called
     * @param left     of the panel on its piece as that lies
     * @param top      of the panel
     * @param mirrored how wide the panel is, where it is measured from the face that lies down; else nothing
     */
    public Score onPiece(String panel, Length left, Length top, Length mirrored) {
        Line line = score.line();
        boolean turned = mirrored.isPositive();
        Length x1 = left.plus(turned ? mirrored.minus(line.x1()) : line.x1());
        Length x2 = left.plus(turned ? mirrored.minus(line.x2()) : line.x2());
        Length y1 = top.plus(line.y1());
        Length y2 = top.plus(line.y2());
        boolean swaps = turned && line.along() == Along.Y;
        Length from = swaps ? x2 : x1;
        Length to = swaps ? x1 : x2;
        return new Score(score.id(), new Line(line.along(), line.at().map(
                at -> Figure.of("score " + score.id(), line.along() == Along.X ? x1 : y1,
                        NoteWords.BY_ITS_PANEL.of("panel", panel))),
                from, y1, to, y2), score.fold());
    }
}
