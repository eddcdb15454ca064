package oddcradle.files.job;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.DeserializationProblemHandler;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.jsontype.TypeIdResolver;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.job.host.Foot;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedBush;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Hard;
import oddcradle.core.mounting.MeasuredMount;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.section.Angle;
import oddcradle.core.section.Rect;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Round;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.survey.Reading;
import oddcradle.core.weigh.Weighing;

/** How the job's records look in JSON: records as objects, vectors as lists, variants by a "type" field. */
final class JobMapper {
    static final ObjectMapper MAPPER = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(DeserializationFeature.FAIL_ON_INVALID_SUBTYPE)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
            .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION)
            .addModule(vectors())
            .addModule(new Jdk8Module())
            .serializationInclusion(JsonInclude.Include.NON_ABSENT)
            .addHandler(new PadsNeedNoType())
            .addMixIn(Solid.class, SolidTypes.class)
            .addMixIn(Section.class, SectionTypes.class)
            .addMixIn(Anchor.class, AnchorTypes.class)
            .addMixIn(Reading.class, ReadingTypes.class)
            .addMixIn(Motion.class, MotionTypes.class)
            .addMixIn(Weighing.class, WeighingTypes.class)
            .addMixIn(Stage.class, StageTypes.class)
            .addMixIn(LineEnd.class, LineEndTypes.class)
            .addMixIn(Neighbour.class, NeighbourTypes.class)
            .addMixIn(Isolator.class, IsolatorNames.class)
            .addMixIn(Foot.class, FootNames.class)
            .addMixIn(LoadCase.class, LoadCaseNames.class)
            .addMixIn(MountElement.class, MountElementTypes.class)
            .addMixIn(Detail.class, DetailTypes.class)
            .addMixIn(ShaftReading.class, ShaftReadingTypes.class)
            .addMixIn(ControlLink.class, ControlLinkTypes.class)
            .build();

    /** No place, direction or inertia of a machine is larger. */
    private static final double FARTHEST = 1e6;

    private JobMapper() {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = ShaftReading.RimAndFace.class, name = "rim_and_face"),
        @JsonSubTypes.Type(value = ShaftReading.TwoDials.class, name = "two_dials"),
        @JsonSubTypes.Type(value = ShaftReading.StepAndGaps.class, name = "step_and_gaps"),
        @JsonSubTypes.Type(value = ShaftReading.StraightEdge.class, name = "straight_edge"),
        @JsonSubTypes.Type(value = ShaftReading.StringLine.class, name = "string_line"),
        @JsonSubTypes.Type(value = ShaftReading.BothEnds.class, name = "both_ends")
    })
    private interface ShaftReadingTypes {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = ControlLink.Rod.class, name = "rod"),
        @JsonSubTypes.Type(value = ControlLink.Cable.class, name = "cable")
    })
    private interface ControlLinkTypes {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Solid.Sphere.class, name = "sphere"),
        @JsonSubTypes.Type(value = Solid.Capsule.class, name = "capsule"),
        @JsonSubTypes.Type(value = Solid.Cylinder.class, name = "cylinder"),
        @JsonSubTypes.Type(value = Solid.Box.class, name = "box")
    })
    private interface SolidTypes {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Tube.class, name = "tube"),
        @JsonSubTypes.Type(value = RectTube.class, name = "rect_tube"),
        @JsonSubTypes.Type(value = Round.class, name = "round"),
        @JsonSubTypes.Type(value = Rect.class, name = "rect"),
        @JsonSubTypes.Type(value = Angle.class, name = "angle")
    })
    private interface SectionTypes {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Anchor.At.class, name = "at"),
        @JsonSubTypes.Type(value = Anchor.FromBoss.class, name = "boss"),
        @JsonSubTypes.Type(value = Anchor.OnMember.class, name = "member")
    })
    private interface AnchorTypes {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Reading.Offset.class, name = "offset"),
        @JsonSubTypes.Type(value = Reading.HoleEdge.class, name = "hole_edge"),
        @JsonSubTypes.Type(value = Reading.Distance.class, name = "distance"),
        @JsonSubTypes.Type(value = Reading.OverBores.class, name = "over_bores"),
        @JsonSubTypes.Type(value = Reading.Slope.class, name = "slope")
    })
    private interface ReadingTypes {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Motion.Turn.class, name = "turn"),
        @JsonSubTypes.Type(value = Motion.Slide.class, name = "slide")
    })
    private interface MotionTypes {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Weighing.Scales.class, name = "scales"),
        @JsonSubTypes.Type(value = Weighing.Tilt.class, name = "tilt"),
        @JsonSubTypes.Type(value = Weighing.Hang.class, name = "hang"),
        @JsonSubTypes.Type(value = Weighing.Pendulum.class, name = "swing"),
        @JsonSubTypes.Type(value = Weighing.Estimate.class, name = "estimate")
    })
    private interface WeighingTypes {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Stage.Chain.class, name = "chain"),
        @JsonSubTypes.Type(value = Stage.Belt.class, name = "belt"),
        @JsonSubTypes.Type(value = Stage.Variator.class, name = "variator"),
        @JsonSubTypes.Type(value = Stage.Gears.class, name = "gears"),
        @JsonSubTypes.Type(value = Stage.Coupling.class, name = "coupling"),
        @JsonSubTypes.Type(value = Stage.JointShaft.class, name = "joint_shaft")
    })
    private interface StageTypes {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = LineEnd.Road.class, name = "road"),
        @JsonSubTypes.Type(value = LineEnd.Generator.class, name = "generator"),
        @JsonSubTypes.Type(value = LineEnd.Propeller.class, name = "propeller")
    })
    private interface LineEndTypes {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Neighbour.PipeRun.class, name = "pipe"),
        @JsonSubTypes.Type(value = Neighbour.Intake.class, name = "intake"),
        @JsonSubTypes.Type(value = Neighbour.Tank.class, name = "tank"),
        @JsonSubTypes.Type(value = Neighbour.Run.class, name = "run"),
        @JsonSubTypes.Type(value = Neighbour.Linkage.class, name = "linkage"),
        @JsonSubTypes.Type(value = Neighbour.Occupant.class, name = "occupant"),
        @JsonSubTypes.Type(value = Neighbour.Panel.class, name = "panel"),
        @JsonSubTypes.Type(value = Neighbour.Bay.class, name = "bay")
    })
    private interface NeighbourTypes {}

    /** Pads were there first and need no type; what has a type must have a known one. */
    private static final class PadsNeedNoType extends DeserializationProblemHandler {
        @Override
        public JavaType handleMissingTypeId(
                DeserializationContext context, JavaType base, TypeIdResolver resolver, String failure) {
            return base.hasRawClass(MountElement.class) ? context.constructType(BondedPad.class) : null;
        }
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = BondedPad.class, name = "pad"),
        @JsonSubTypes.Type(value = BondedBush.class, name = "bush"),
        @JsonSubTypes.Type(value = MeasuredMount.class, name = "measured"),
        @JsonSubTypes.Type(value = Hard.class, name = "hard")
    })
    private interface MountElementTypes {}

    private interface FootNames {
        @JsonProperty("pad")
        MountElement element();
    }

    private interface LoadCaseNames {
        @JsonProperty("chainPull")
        double drive();
    }

    /** Names that job files have had since before the field's own were used inside. */
    private interface IsolatorNames {
        @JsonProperty("pad")
        MountElement element();

        @JsonProperty("corner")
        MountChoices choices();
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Detail.Gusset.class, name = "gusset"),
        @JsonSubTypes.Type(value = Detail.LandingPad.class, name = "landing_pad"),
        @JsonSubTypes.Type(value = Detail.ClampPad.class, name = "clamp_pad"),
        @JsonSubTypes.Type(value = Detail.ReliefNotch.class, name = "notch"),
        @JsonSubTypes.Type(value = Detail.Slide.class, name = "slide"),
        @JsonSubTypes.Type(value = Detail.AdapterPlate.class, name = "adapter"),
        @JsonSubTypes.Type(value = Detail.Hub.class, name = "hub"),
        @JsonSubTypes.Type(value = Detail.Clutch.class, name = "clutch"),
        @JsonSubTypes.Type(value = Detail.ReusedHanger.class, name = "hanger"),
        @JsonSubTypes.Type(value = Detail.FoldedPlate.class, name = "folded_plate")
    })
    private interface DetailTypes {}

    private static SimpleModule vectors() {
        return new SimpleModule("vectors")
                .addSerializer(Vec3.class, new VectorWriter())
                .addDeserializer(Vec3.class, new VectorReader())
                .addSerializer(Mat3.class, new MatrixWriter())
                .addDeserializer(Mat3.class, new MatrixReader());
    }

    private static final class VectorWriter extends StdSerializer<Vec3> {
        VectorWriter() {
            super(Vec3.class);
        }

        @Override
        public void serialize(Vec3 v, JsonGenerator out, SerializerProvider provider) throws IOException {
            out.writeArray(new double[] {v.x(), v.y(), v.z()}, 0, 3);
        }
    }

    private static final class VectorReader extends StdDeserializer<Vec3> {
        VectorReader() {
            super(Vec3.class);
        }

        @Override
        public Vec3 deserialize(JsonParser in, DeserializationContext context) throws IOException {
            double[] n = context.readValue(in, double[].class);
            if (n.length != 3) {
                return (Vec3) context.handleWeirdNativeValue(
                        context.constructType(Vec3.class), "a list of " + n.length + " numbers, must be 3", in);
            }
            for (int axis = 0; axis < 3; axis++) {
                Guard.within("[" + axis + "]", n[axis], -FARTHEST, FARTHEST, "");
            }
            return new Vec3(n[0], n[1], n[2]);
        }
    }

    private static final class MatrixWriter extends StdSerializer<Mat3> {
        MatrixWriter() {
            super(Mat3.class);
        }

        @Override
        public void serialize(Mat3 m, JsonGenerator out, SerializerProvider provider) throws IOException {
            out.writeStartArray(m, 3);
            provider.defaultSerializeValue(m.row0(), out);
            provider.defaultSerializeValue(m.row1(), out);
            provider.defaultSerializeValue(m.row2(), out);
            out.writeEndArray();
        }
    }

    private static final class MatrixReader extends StdDeserializer<Mat3> {
        MatrixReader() {
            super(Mat3.class);
        }

        @Override
        public Mat3 deserialize(JsonParser in, DeserializationContext context) throws IOException {
            Vec3[] rows = context.readValue(in, Vec3[].class);
            if (rows.length != 3) {
                return (Mat3) context.handleWeirdNativeValue(
                        context.constructType(Mat3.class), "a list of " + rows.length + " rows, must be 3", in);
            }
            return new Mat3(rows[0], rows[1], rows[2]);
        }
    }
}
