package cufflink.cut;

import java.util.Optional;

/**
 * Rectangles joined edge to edge, two blocks at a time: what a part of a sheet gives by cuts from edge to edge.
 * Nanometres.
 */
sealed interface Block {
    /** What nobody trims off. */
    long LEAST = Cut.LEAST.nanometres();

    long width();

    long height();

    /** One rectangle as it lies. */
    record One(int kind, boolean turned, long width, long height) implements Block {
    }

    /** Two blocks side by side ({@code upright} cut between them) or one above the other. */
    record Two(boolean upright, Block first, Block second, long width, long height) implements Block {
        static Two of(boolean upright, Block first, Block second) {
            return upright
                    ? new Two(true, first, second, first.width() + second.width(),
                            Math.max(first.height(), second.height()))
                    : new Two(false, first, second, Math.max(first.width(), second.width()),
                            first.height() + second.height());
        }
    }

    /**
     * Whether the blade can cut a block out of a part of a sheet. A part that is too long to be trimmed in one stroke
     * may be parted first and trimmed in pieces.
     */
    static boolean isCut(Block block, long width, long height, long blade) {
        if (block.width() > width || block.height() > height) {
            return false;
        }
        return Math.max(width, height) <= blade || isTrimmedLevel(block, width, height, blade)
                || isTrimmedUpright(block, width, height, blade) || isPartedAtOnce(block, width, height, blade);
    }

    private static boolean isTrimmedLevel(Block block, long width, long height, long blade) {
        return height - block.height() >= LEAST && width <= blade && isCut(block, width, block.height(), blade);
    }

    private static boolean isTrimmedUpright(Block block, long width, long height, long blade) {
        return width - block.width() >= LEAST && height <= blade && isCut(block, block.width(), height, blade);
    }

    /** Without trimming: a rectangle must be all of the part, two blocks take all of it between them. */
    private static boolean isPartedAtOnce(Block block, long width, long height, long blade) {
        if (block instanceof Two two) {
            return two.upright()
                    ? height <= blade && isCut(two.first(), two.first().width(), height, blade)
                            && isCut(two.second(), width - two.first().width(), height, blade)
                    : width <= blade && isCut(two.first(), width, two.first().height(), blade)
                            && isCut(two.second(), width, height - two.first().height(), blade);
        }
        return width - block.width() < LEAST && height - block.height() < LEAST;
    }

    /** This block without what {@code left} no longer asks for; takes what it keeps from it. */
    static Optional<Block> within(Block block, int[] left) {
        if (block instanceof One one) {
            if (left[one.kind()] == 0) {
                return Optional.empty();
            }
            left[one.kind()]--;
            return Optional.of(one);
        }
        Two two = (Two) block;
        Optional<Block> first = within(two.first(), left);
        Optional<Block> second = within(two.second(), left);
        return first.isPresent() && second.isPresent() ? Optional.of(Two.of(two.upright(), first.get(), second.get()))
                : first.or(() -> second);
    }

    /** Cuts the block out of the upper left corner of a sheet. */
    static Fill fill(Block block, Demand demand, int stock) {
        Fill.Builder fill = new Fill.Builder(demand, stock);
        cut(block, 0, 0, demand.sheetWidth(stock), demand.sheetHeight(stock), demand.blade, fill);
        return fill.done();
    }

    private static void cut(Block block, long x, long y, long width, long height, long blade, Fill.Builder fill) {
        long w = block.width();
        long h = block.height();
        boolean level = isTrimmedLevel(block, width, height, blade);
        boolean upright = isTrimmedUpright(block, width, height, blade);
        // The larger rest stays in one piece.
        if (level && (!upright || width * (double) (height - h) >= (width - w) * (double) height)) {
            fill.cut(false, h, x, y, width, height);
            cut(block, x, y, width, h, blade, fill);
        } else if (upright) {
            fill.cut(true, w, x, y, width, height);
            cut(block, x, y, w, height, blade, fill);
        } else if (block instanceof One one) {
            fill.put(one.kind(), one.turned(), x, y);
        } else if (block instanceof Two two && two.upright()) {
            fill.cut(true, two.first().width(), x, y, width, height);
            cut(two.first(), x, y, two.first().width(), height, blade, fill);
            cut(two.second(), x + two.first().width(), y, width - two.first().width(), height, blade, fill);
        } else if (block instanceof Two two) {
            fill.cut(false, two.first().height(), x, y, width, height);
            cut(two.first(), x, y, width, two.first().height(), blade, fill);
            cut(two.second(), x, y + two.first().height(), width, height - two.first().height(), blade, fill);
        }
    }
}
