package cufflink.stash;

import cufflink.measure.Length;

/**
 * How much of something the maker wants to have at least.
 *
 * @param name   of the paper, ribbon or envelope
 * @param count  of what is counted; 0 otherwise
 * @param length of what is measured; 0 otherwise
 */
public record StashLimit(long id, String name, Ware ware, int count, Length length) implements StashItem {
    public StashLimit {
        StashItem.requireCount(count, name);
        if (length.isNegative()) {
            throw new IllegalArgumentException("length must not be below 0: " + length);
        }
    }

    @Override
    public StashLimit withId(long value) {
        return new StashLimit(value, name, ware, count, length);
    }

    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.limit(this);
    }
}
