package cufflink.fold;

import org.locationtech.jts.geom.Coordinate;

/** A corner of one panel, or what stands for it, and the face of the other. */
final class CornerOnFace extends Contact {
    private final Coordinate corner;
    private final PanelShape face;
    private final boolean ofFirst;

    /** {@code ofFirst}: the corner, or a point of an edge, is of the first panel, the face is that of the second. */
    CornerOnFace(Coordinate corner, PanelShape face, boolean ofFirst) {
        this.corner = corner;
        this.face = face;
        this.ofFirst = ofFirst;
    }

    private Point3 seen(Relative at) {
        return (ofFirst ? at.toSecond() : at.toFirst()).apply(corner);
    }

    @Override
    double undecided(Relative start, Relative half, Relative end, double bend) {
        Point3 place = seen(half);
        double moves = Sweep.way(seen(start), place, seen(end), bend);
        if (Math.abs(place.z()) > moves || face.beside(place.x(), place.y()) > moves) {
            return 0;
        }
        double away = face.away(place.x(), place.y());
        return place.z() * place.z() + away * away > moves * moves ? 0 : moves;
    }

    @Override
    double height(Relative at) {
        Point3 place = seen(at);
        return face.isInside(place.x(), place.y(), Sweep.GRAZE) ? place.z() : Double.NaN;
    }

    @Override
    int sideWhenFlat(Relative start, int above) {
        return ofFirst ? above : start.toSecond().turnsOver() ? above : -above;
    }
}
