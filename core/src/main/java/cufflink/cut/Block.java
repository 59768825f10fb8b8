package cufflink.cut;

import java.util.Optional;

/** Rectangles joined edge to edge, two blocks at a time: what a part of a sheet gives by cuts from edge to edge. Nanometres. */
sealed interface Block {
    long width();

    long height();

    /** One rectangle as it lies. */
    record One(int kind, boolean turned, long width, long height) implements Block {
    }

    /** Two blocks side by side ({@code upright} cut between them) or one above the other. */
    record Two(boolean upright, Block first, Block second, long width, long height) implements Block {
        static Two of(boolean upright, Block first, Block second) {
            return upright ? new Two(true, first, second, first.width() + second.width(), Math.max(first.height(), second.height()))
                    : new Two(false, first, second, Math.max(first.width(), second.width()), first.height() + second.height());
        }
    }

    /** Whether the blade can cut a block out of a part of a sheet. */
    static boolean isCut(Block block, long width, long height, long blade) {
        return block.width() <= width && block.height() <= height && (isCutLevelFirst(block, width, height, blade) || isCutUprightFirst(block, width, height, blade));
    }

    private static boolean isCutLevelFirst(Block block, long width, long height, long blade) {
        return (block.height() == height || width <= blade) && (block.width() == width || block.height() <= blade);
    }

    private static boolean isCutUprightFirst(Block block, long width, long height, long blade) {
        return (block.width() == width || height <= blade) && (block.height() == height || block.width() <= blade);
    }

    /** Whether the blade can part two blocks that are joined. */
    static boolean isParted(Two two, long blade) {
        return two.upright() ? two.height() <= blade && isCut(two.first(), two.first().width(), two.height(), blade) && isCut(two.second(), two.second().width(), two.height(), blade)
                : two.width() <= blade && isCut(two.first(), two.width(), two.first().height(), blade) && isCut(two.second(), two.width(), two.second().height(), blade);
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
        return first.isPresent() && second.isPresent() ? Optional.of(Two.of(two.upright(), first.get(), second.get())) : first.or(() -> second);
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
        boolean wanted = width * (height - h) >= (width - w) * height;
        boolean levelFirst = wanted ? isCutLevelFirst(block, width, height, blade) || !isCutUprightFirst(block, width, height, blade)
                : !isCutUprightFirst(block, width, height, blade);
        if (levelFirst) {
            fill.cut(false, h, x, y, width, height);
            fill.cut(true, w, x, y, width, h);
        } else {
            fill.cut(true, w, x, y, width, height);
            fill.cut(false, h, x, y, w, height);
        }
        if (block instanceof One one) {
            fill.put(one.kind(), one.turned(), x, y);
        } else if (block instanceof Two two && two.upright()) {
            fill.cut(true, two.first().width(), x, y, w, h);
            cut(two.first(), x, y, two.first().width(), h, blade, fill);
            cut(two.second(), x + two.first().width(), y, w - two.first().width(), h, blade, fill);
        } else if (block instanceof Two two) {
            fill.cut(false, two.first().height(), x, y, w, h);
            cut(two.first(), x, y, w, two.first().height(), blade, fill);
            cut(two.second(), x, y + two.first().height(), w, h - two.first().height(), blade, fill);
        }
    }
}
