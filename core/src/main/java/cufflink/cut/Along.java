package cufflink.cut;

import cufflink.paper.Stock;
import java.util.Optional;

/** Which side of a rectangle something runs along: a long fold, or the fibres of the paper. */
public enum Along {
    WIDTH, HEIGHT;

    /** The side of a sheet that its fibres run along; absent if unknown. */
    public static Optional<Along> of(Stock.Grain grain) {
        return switch (grain) {
            case ALONG_WIDTH -> Optional.of(WIDTH);
            case ALONG_HEIGHT -> Optional.of(HEIGHT);
            case UNKNOWN -> Optional.empty();
        };
    }

    /** The other side: a quarter turn. */
    public Along turned() {
        return this == WIDTH ? HEIGHT : WIDTH;
    }
}
