package oddcradle.bench;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import oddcradle.core.geometry.mesh.TriangleMesh;
import oddcradle.files.mesh.LengthUnit;
import oddcradle.files.mesh.MeshFile;
import oddcradle.files.mesh.MeshFiles;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;

/** A binary STL of two million triangles opened, beside its bytes read into floats. */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class StlBenchmark {
    private static final int AROUND = 2000;
    private static final int ACROSS = 500;

    private Path file;

    @Setup
    public void prepare() throws IOException {
        file = Files.createTempFile("two-million", ".stl");
        MeshFiles.writeStl(file, Rings.ring(AROUND, ACROSS, 0.3, 0.12, 1), LengthUnit.MILLIMETRE);
    }

    @TearDown
    public void remove() throws IOException {
        Files.delete(file);
    }

    @Benchmark
    public TriangleMesh openStl() throws IOException {
        MeshFile read = MeshFiles.read(file, LengthUnit.MILLIMETRE);
        return read.mesh();
    }

    @Benchmark
    public float[] bytesIntoFloats() throws IOException {
        try (FileChannel channel = FileChannel.open(file)) {
            float[] floats = new float[(int) (channel.size() / Float.BYTES)];
            ByteBuffer buffer = ByteBuffer.allocateDirect(1 << 20).order(ByteOrder.LITTLE_ENDIAN);
            int next = 0;
            while (channel.read(buffer) >= 0 && next < floats.length) {
                buffer.flip();
                int whole = Math.min(buffer.remaining() / Float.BYTES, floats.length - next);
                buffer.asFloatBuffer().get(floats, next, whole);
                next += whole;
                buffer.position(whole * Float.BYTES).compact();
            }
            return floats;
        }
    }
}
