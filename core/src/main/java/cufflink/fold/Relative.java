package cufflink.fold;

/**
 * How two panels lie to each other.
 *
 * @param toSecond from the first panel's coordinates to the second's
 * @param toFirst  the way back
 */
record Relative(RigidMotion toSecond, RigidMotion toFirst) {
    static Relative of(RigidMotion first, RigidMotion second) {
        RigidMotion toSecond = second.inverse().after(first);
        return new Relative(toSecond, toSecond.inverse());
    }
}
