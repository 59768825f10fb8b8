package cufflink.cut;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;

/** Fills one sheet, recording the cuts in the order in which they free the parts. */
final class SheetPacker {
    /** Which way the first of the two cuts around a piece runs. */
    enum Split { UPRIGHT_FIRST, LEVEL_FIRST, LARGEST_REST }

    private record Part(Length x, Length y, Length width, Length height) {
        boolean takes(Length w, Length h) {
            return !w.isLongerThan(width) && !h.isLongerThan(height);
        }

        /** How much of the tighter side is left over. */
        Length slack(Length w, Length h) {
            return Length.shorter(width.minus(w), height.minus(h));
        }
    }

    private record Spot(Part part, CutPiece piece, boolean turned, Length slack) {
    }

    private final Split split;
    private final List<Part> free = new ArrayList<>();
    private final List<Placement> placements = new ArrayList<>();
    private final List<Cut> cuts = new ArrayList<>();

    private SheetPacker(StockSheet sheet, Split split) {
        this.split = split;
        free.add(new Part(Length.ZERO, Length.ZERO, sheet.width(), sheet.height()));
    }

    /** Packs as many of the pieces as go, in their order, and takes them out of the list. */
    static SheetLayout pack(StockSheet sheet, List<CutPiece> pieces, Split split) {
        SheetPacker packer = new SheetPacker(sheet, split);
        CutPiece failed = null;
        for (Iterator<CutPiece> next = pieces.iterator(); next.hasNext();) {
            CutPiece piece = next.next();
            if (piece != failed && packer.place(piece)) {
                next.remove();
            } else {
                failed = piece;
            }
        }
        return new SheetLayout(sheet, packer.placements, packer.cuts);
    }

    private boolean place(CutPiece piece) {
        Spot best = null;
        for (Part part : free) {
            best = better(best, part, piece, false);
            if (piece.mayTurn()) {
                best = better(best, part, piece, true);
            }
        }
        if (best == null) {
            return false;
        }
        free.remove(best.part);
        cutOut(best);
        return true;
    }

    private static Spot better(Spot best, Part part, CutPiece piece, boolean turned) {
        Length w = turned ? piece.height() : piece.width();
        Length h = turned ? piece.width() : piece.height();
        if (!part.takes(w, h)) {
            return best;
        }
        Length slack = part.slack(w, h);
        return best == null || best.slack.isLongerThan(slack) ? new Spot(part, piece, turned, slack) : best;
    }

    private void cutOut(Spot spot) {
        Part part = spot.part;
        Length w = spot.turned ? spot.piece.height() : spot.piece.width();
        Length h = spot.turned ? spot.piece.width() : spot.piece.height();
        Length right = part.width.minus(w);
        Length below = part.height.minus(h);
        boolean uprightFirst = switch (split) {
            case UPRIGHT_FIRST -> true;
            case LEVEL_FIRST -> false;
            case LARGEST_REST -> right.isLongerThan(below);
        };
        if (uprightFirst) {
            cut(true, w, part);
            cut(false, h, new Part(part.x, part.y, w, part.height));
            keep(part.x.plus(w), part.y, right, part.height);
            keep(part.x, part.y.plus(h), w, below);
        } else {
            cut(false, h, part);
            cut(true, w, new Part(part.x, part.y, part.width, h));
            keep(part.x, part.y.plus(h), part.width, below);
            keep(part.x.plus(w), part.y, right, h);
        }
        placements.add(new Placement(spot.piece.id(), spot.piece.label(), part.x, part.y, w, h, spot.turned));
    }

    private void cut(boolean upright, Length at, Part part) {
        if (!at.equals(upright ? part.width : part.height)) {
            cuts.add(new Cut(cuts.size() + 1, upright, at, part.x, part.y, part.width, part.height));
        }
    }

    private void keep(Length x, Length y, Length width, Length height) {
        if (width.isPositive() && height.isPositive()) {
            free.add(new Part(x, y, width, height));
        }
    }
}
