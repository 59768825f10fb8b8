package cufflink.paper;

import cufflink.measure.Length;
import java.util.Base64;

/**
 * A picture of what is printed on a paper, repeated from edge to edge, its top towards the top of the sheet.
 *
 * @param data   a JPEG or PNG image, in Base64
 * @param width  that one picture takes on the paper, positive
 * @param height that one picture takes on the paper, positive
 */
public record FacePicture(String data, Length width, Length height) {
    /** Characters of an image: about 300 kB. */
    public static final int MOST = 400_000;

    public FacePicture {
        if (!width.isPositive() || !height.isPositive()) {
            throw new IllegalArgumentException("a picture must take more than 0 each way: " + width + ", " + height);
        }
        if (data.isEmpty() || data.length() > MOST) {
            throw new IllegalArgumentException("a picture may take " + MOST + " characters, not " + data.length());
        }
        Base64.getDecoder().decode(data);
    }

    /** The image as it is in its file. */
    public byte[] bytes() {
        return Base64.getDecoder().decode(data);
    }

    /** The same picture so wide on the paper, in its own shape. */
    public FacePicture wide(Length wanted) {
        return new FacePicture(data, wanted, Length.nearestToMillimetres(
                height.toMillimetres() * wanted.toMillimetres() / width.toMillimetres()));
    }
}
