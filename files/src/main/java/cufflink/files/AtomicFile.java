package cufflink.files;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Writes a file whole or not at all: beside it first, forced to the disk, then moved over it. */
public final class AtomicFile {
    private AtomicFile() {
    }

    /** Replaces the file's content; on failure the old content is still there. */
    public static void write(Path file, byte[] content) throws IOException {
        Path target = file.toAbsolutePath();
        Files.createDirectories(target.getParent());
        Path beside = Files.createTempFile(target.getParent(), "." + target.getFileName(), ".part");
        try {
            try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
                ByteBuffer buffer = ByteBuffer.wrap(content);
                while (buffer.hasRemaining()) {
                    channel.write(buffer);
                }
                channel.force(true);
            }
            move(beside, target);
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException plain) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }
}
