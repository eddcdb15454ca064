package oddcradle.files.handout;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import oddcradle.core.examine.Examination;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.drawing.Sight;
import oddcradle.files.job.AtomicFile;
import oddcradle.files.mesh.LengthUnit;
import oddcradle.files.mesh.MeshFiles;

/** Writes one thing of an examined job into a file, whole or not at all. */
public final class HandOut {
    private HandOut() {}

    public static void svg(Examination examination, Sight sight, Path file) throws IOException {
        text(file, SvgDrawing.of(examination.job().name(), JobDrawing.shapes(examination, sight)));
    }

    public static void dxf(Examination examination, Sight sight, Path file) throws IOException {
        text(file, DxfDrawing.of(JobDrawing.shapes(examination, sight)));
    }

    /** Binary STL in millimetres. */
    public static void stl(Examination examination, SolidsAsMesh.Of which, Path file) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        MeshFiles.writeStl(bytes, SolidsAsMesh.of(examination, which), LengthUnit.MILLIMETRE);
        AtomicFile.write(file, bytes.toByteArray());
    }

    public static void csv(Examination examination, JobTables table, UnitStyle units, Path file) throws IOException {
        text(file, table.of(examination, units).csv());
    }

    private static void text(Path file, String text) throws IOException {
        AtomicFile.write(file, text.getBytes(StandardCharsets.UTF_8));
    }
}
