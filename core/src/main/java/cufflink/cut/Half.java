package cufflink.cut;

/** Whether a piece is a triangle, half of its rectangle, and which way the diagonal that bounds it runs as width and height lie. Two with the same diagonal are cut from one rectangle. */
public enum Half {
    WHOLE,
    /** From the top left corner to the bottom right one. */
    FALLING,
    /** From the bottom left corner to the top right one. */
    RISING
}
