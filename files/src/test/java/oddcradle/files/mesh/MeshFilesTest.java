package oddcradle.files.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.geometry.mesh.TriangleMesh;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MeshFilesTest {
    @TempDir
    private Path folder;

    private static TriangleMesh pyramid() {
        return TriangleMesh.of(new float[] {
            0, 0, 0, 0, 0.1f, 0, 0.1f, 0, 0, 0, 0, 0, 0.1f, 0, 0, 0, 0, 0.1f, 0, 0, 0, 0, 0, 0.1f, 0, 0.1f, 0, 0.1f, 0,
            0, 0, 0.1f, 0, 0, 0, 0.1f
        });
    }

    private Path file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text, StandardCharsets.ISO_8859_1);
    }

    @Test
    void binaryStl_comesBackInAnyUnit() throws IOException {
        for (LengthUnit unit : LengthUnit.values()) {
            Path path = folder.resolve(unit.symbol() + ".stl");
            MeshFiles.writeStl(path, pyramid(), unit);
            TriangleMesh back = MeshFiles.read(path, unit).mesh();
            assertThat(back.triangles()).isEqualTo(4);
            assertThat(back.corner(3, 2).distanceTo(pyramid().corner(3, 2))).isLessThan(1e-7);
        }
    }

    @Test
    void lyingStlHeaders_areNotBelieved() throws IOException {
        Path path = folder.resolve("lying.stl");
        MeshFiles.writeStl(path, pyramid(), LengthUnit.METRE);
        byte[] bytes = Files.readAllBytes(path);
        ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).putInt(80, -7);
        Files.write(path, bytes);
        MeshFile read = MeshFiles.read(path, LengthUnit.METRE);
        assertThat(read.mesh().triangles()).isEqualTo(4);
        assertThat(read.notes().get(0)).contains("claims 4294967289").contains("holds 4");
        Files.write(path, Arrays.copyOf(bytes, bytes.length - 20));
        assertThat(MeshFiles.read(path, LengthUnit.METRE).mesh().triangles()).isEqualTo(3);
        // a binary file may begin with "solid" as text does
        System.arraycopy("solid".getBytes(StandardCharsets.US_ASCII), 0, bytes, 0, 5);
        ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).putInt(80, 4);
        Files.write(path, bytes);
        assertThat(MeshFiles.read(path, LengthUnit.METRE).mesh().triangles()).isEqualTo(4);
    }

    @Test
    void textStlObjAndPly_giveTheSameTriangles() throws IOException {
        Path stl = file(
                "t.stl",
                "solid x\nfacet normal 0 0 1\nouter loop\nvertex 0 0 0\nvertex 1e1 0 0\n  VERTEX 10 5.5 0\nendloop\nendfacet\nendsolid\n");
        Path obj = file("t.obj", "# a comment\nv 0 0 0\nv 10 0 0\nv 10 5.5 0\nv 0 5.5 0\nf 1/1 2/2 3/3 4\n");
        Path ply = file(
                "t.ply",
                "ply\nformat ascii 1.0\ncomment made up\nelement vertex 4\nproperty float x\nproperty float y\nproperty float z\n"
                        + "property uchar red\nelement face 1\nproperty list uchar int vertex_indices\nend_header\n"
                        + "0 0 0 9\n10 0 0 9\n10 5.5 0 9\n0 5.5 0 9\n4 0 1 2 3\n");
        TriangleMesh fromStl = MeshFiles.read(stl, LengthUnit.MILLIMETRE).mesh();
        for (Path path : new Path[] {obj, ply}) {
            TriangleMesh quad = MeshFiles.read(path, LengthUnit.MILLIMETRE).mesh();
            assertThat(quad.triangles()).isEqualTo(2);
            for (int c = 0; c < 3; c++) {
                assertThat(quad.corner(0, c).distanceTo(fromStl.corner(0, c))).isLessThan(1e-9);
            }
        }
        assertThat(fromStl.corner(0, 2).distanceTo(new Vec3(0.01, 0.0055, 0))).isLessThan(1e-8);
    }

    @ParameterizedTest
    @CsvSource({"binary_little_endian", "binary_big_endian"})
    void binaryPly_ofEitherByteOrder(String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(("ply\nformat " + format
                        + " 1.0\nelement vertex 3\nproperty double x\nproperty double y\nproperty double z\n"
                        + "element face 1\nproperty list uchar uint vertex_index\nproperty short flags\nend_header\n")
                .getBytes(StandardCharsets.US_ASCII));
        ByteBuffer body = ByteBuffer.allocate(9 * 8 + 1 + 12 + 2)
                .order(format.contains("big") ? ByteOrder.BIG_ENDIAN : ByteOrder.LITTLE_ENDIAN);
        for (double value : new double[] {0, 0, 0, 1, 0, 0, 0, 2, 0}) {
            body.putDouble(value);
        }
        body.put((byte) 3).putInt(0).putInt(1).putInt(2).putShort((short) 5);
        out.writeBytes(body.array());
        Path path = Files.write(folder.resolve("b.ply"), out.toByteArray());
        assertThat(MeshFiles.read(path, LengthUnit.METRE).mesh().corner(0, 2).y())
                .isCloseTo(2, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a.stl||too short",
                "a.stl|solid x\\nvertex 1 2\\n|2 numbers at line 2",
                "a.stl|solid x\\nvertex 1,5 2 3\\n|decimals with a comma at line 2",
                "a.stl|solid x\\nvertex 1 2 three\\n|\"three\" at line 2",
                "a.stl|solid x\\nvertex 1 2 3\\nvertex 1 2 3\\nendfacet\\n|no triangle, ending at line 4",
                "a.stl|solid nothing here that could be called a triangle, only words, words and more words, and so on\\n|holds no triangle",
                "a.stl|solid x\\nvertex 1 2 NaN\\nvertex 1 2 3\\nvertex 1 2 3\\n|finite",
                "a.obj|v 0 0 0\\nf 1 2 3\\n|",
                "a.obj|v 0 0 0\\n|no triangle",
                "a.ply|plx\\n|does not begin",
                "a.ply|ply\\nformat ascii 1.0\\nelement vertex 99999999999\\nproperty float x\\nend_header\\n1\\n|ends before",
                "a.ply|ply\\nformat ascii 1.0\\nelement vertex 1\\nproperty float x\\nproperty float y\\nproperty float z\\nend_header\\n1 2 3\\n|points and no triangles",
                "a.ply|ply\\nformat ascii 1.0\\nelement face 1\\nproperty list uchar int vertex_indices\\nend_header\\n3 0 1 2\\n|corner 0",
                "a.step|x|stl, obj and ply",
            })
    void damagedFiles_areNamedWithPlaceAndCure(String name, String text, String expected) throws IOException {
        Path path = file(name, text == null ? "" : text.replace("\\n", "\n"));
        assertThatThrownBy(() -> MeshFiles.read(path, LengthUnit.MILLIMETRE))
                .isInstanceOf(UnreadableMesh.class)
                .hasMessageStartingWith(name)
                .hasMessageContaining(expected == null ? "" : expected);
    }

    /** Whatever bytes a file holds, it is read or refused with a sentence. */
    @Property(tries = 300)
    void anyBytes_areReadOrRefused(@ForAll byte[] noise, @ForAll Random random) throws IOException {
        Path somewhere = Files.createTempDirectory("mesh");
        String[] heads = {
            "solid ",
            "ply\nformat ascii 1.0\nelement vertex 2\nproperty float x\nend_header\n",
            "v 1 2 3\nf 1 1 1\n",
            ""
        };
        String[] names = {"n.stl", "n.ply", "n.obj"};
        Path path = somewhere.resolve(names[random.nextInt(3)]);
        byte[] head = heads[random.nextInt(4)].getBytes(StandardCharsets.US_ASCII);
        byte[] all = Arrays.copyOf(head, head.length + noise.length);
        System.arraycopy(noise, 0, all, head.length, noise.length);
        Files.write(path, all);
        try {
            assertThat(MeshFiles.read(path, LengthUnit.MILLIMETRE).mesh().triangles())
                    .isPositive();
        } catch (UnreadableMesh refused) {
            assertThat(refused).hasMessageStartingWith(path.getFileName().toString());
        } finally {
            Files.delete(path);
            Files.delete(somewhere);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "v 0 0 0\nv 3.1+e2 0 0\nv 0 1 0\nf 1 2 3\n",
                "v 0 0 0\nv 1 0 0\nv 0 1 0\nf 0 1 2\n",
                "v 0 0\nf 1 1 1\n",
                "v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 99999999999999999999\n"
            })
    void foreignObj_isRefusedInWords_withItsName(String text, @TempDir Path folder) throws IOException {
        Path file = Files.writeString(folder.resolve("engine.obj"), text);
        assertThatThrownBy(() -> MeshFiles.read(file, LengthUnit.MILLIMETRE))
                .isInstanceOf(UnreadableMesh.class)
                .hasMessageStartingWith("engine.obj")
                .hasMessageNotContaining("java.")
                .hasMessageNotContaining("Exception");
    }

    @Test
    void utf16_isNamed_markedOrNot(@TempDir Path folder) throws IOException {
        String solid = "solid a\nfacet normal 0 0 1\nouter loop\nvertex 0 0 0\nvertex 1 0 0\nvertex 0 1 0\nendloop\n"
                + "endfacet\nendsolid a\n";
        for (Charset twoBytes :
                List.of(StandardCharsets.UTF_16, StandardCharsets.UTF_16LE, StandardCharsets.UTF_16BE)) {
            Path file = Files.write(folder.resolve("scan.stl"), solid.getBytes(twoBytes));
            assertThatThrownBy(() -> MeshFiles.read(file, LengthUnit.MILLIMETRE))
                    .hasMessage("scan.stl is written in UTF-16; save it as plain text (UTF-8) or as binary STL");
        }
        Path plain = Files.writeString(folder.resolve("scan.stl"), solid);
        assertThat(MeshFiles.read(plain, LengthUnit.MILLIMETRE).mesh().triangles())
                .isEqualTo(1);
    }
}
