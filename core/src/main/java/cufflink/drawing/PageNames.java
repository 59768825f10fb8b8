package cufflink.drawing;

import cufflink.design.Face;
import cufflink.design.Page;
import cufflink.design.PanelRef;
import cufflink.drawing.Shape.Spot;
import java.util.List;
import java.util.Optional;

/** The names of pages, set on their faces where these are drawn. */
final class PageNames {
    /** So many lines of a name would fill a page; how large it is at most and at least, points. */
    private static final double LINES = 7;
    /** How far down a name stands, as a share of the page: clear of pockets and patches. */
    static final double DOWN = 0.215;
    private static final double LARGEST = 20;
    private static final double SMALLEST = 7;

    private PageNames() {
    }

    /**
     * The name of a face, if it is a page and there is room for it.
     *
     * @param middle of the face on the picture
     * @param height of the face, millimetres
     * @param paper  its colour
     * @param point  millimetres a point
     */
    static Optional<Shape> label(List<Page.Side> pages, PanelRef panel, Face face, Spot middle, double height,
            String paper, double point) {
        double size = Math.min(LARGEST, height / LINES / point);
        return pages.stream().filter(page -> page.panel().equals(panel) && page.face() == face).findFirst()
                .filter(page -> size >= SMALLEST)
                .map(page -> Shape.bold(panel.toString(), Colours.isLight(paper) ? Ink.SOFT_TEXT : Ink.CAPTION,
                        middle.x(), middle.y(), page.name(), size));
    }
}
