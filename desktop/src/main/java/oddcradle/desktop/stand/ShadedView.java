package oddcradle.desktop.stand;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.geometry.Point2D;
import javafx.geometry.Point3D;
import javafx.scene.AmbientLight;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.PerspectiveCamera;
import javafx.scene.PointLight;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.paint.PhongMaterial;
import javafx.scene.shape.Box;
import javafx.scene.shape.CullFace;
import javafx.scene.shape.MeshView;
import javafx.scene.shape.TriangleMesh;
import javafx.scene.transform.Affine;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.BestFit;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.edit.Side;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.ScanPlace;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.store.ChalkMark;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.ScanStudy;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.drawing.Role;
import oddcradle.files.drawing.Sight;

/**
 * The machine in three dimensions. Drag turns it, drag with the right button slides it, the wheel comes nearer, a double
 * click goes to the part, a click picks it.
 */
final class ShadedView extends Pane {
    private static final Camera WHOLE =
            new Camera(new Vec3(0.78, 0, 0.60), Math.toRadians(132), Math.toRadians(18), 4.3);
    private static final double GRID_STEP = 0.25;
    private static final int GRID_LINES = 9;

    private final Group parts = new Group();
    private final Group floor = new Group();
    private final TwoQualities scene;
    /** How much nearer than the donor a tube must be to be looked through, m. */
    private static final double BEFORE = 0.08;

    private final PerspectiveCamera lens = new PerspectiveCamera(true);
    private final PointLight lamp = new PointLight();
    private final ChalkLayer chalk = new ChalkLayer();
    private final Map<String, PhongMaterial> materials = new HashMap<>();
    private final Map<String, MeshView> views = new HashMap<>();
    /** The edges of the parts that have some. */
    private final Map<String, MeshView> edges = new HashMap<>();

    private final PhongMaterial pencil = new PhongMaterial(Color.BLACK);
    private final Map<String, Role> roles = new HashMap<>();
    private Map<String, List<Solid>> shown = Map.of();
    /** Host tubes that are looked through just now. */
    private Set<String> faded = Set.of();

    private PartPaint painted;
    private Vec3 donor = Vec3.ZERO;
    private final PartClicks clicks;
    private final Consumer<Vec3> pickedOnScan;
    private final MeshView scan = new MeshView();
    private final PhongMaterial scanMaterial = new PhongMaterial(Color.GRAY);
    private MeshTree scanShown;
    private Optional<ScanStudy> toned = Optional.empty();
    private Function<String, Optional<String>> labels = part -> Optional.empty();
    private List<JobDrawing.PartSolid> solids = List.of();
    private List<ChalkMark> marks = List.of();
    private UnitStyle style = UnitStyle.MILLIMETRES;
    private Camera camera = WHOLE;
    private boolean turnedByHand;
    private Hold hold = Hold.NOTHING;
    /** Depth of the point that is dragged, m; 0 while the view itself is. */
    private double held;

    private Point2D pressed = Point2D.ZERO;
    private Point2D last = Point2D.ZERO;

    ShadedView(PartClicks clicks, Consumer<Vec3> pickedOnScan) {
        this.clicks = clicks;
        this.pickedOnScan = pickedOnScan;
        scan.setUserData("SCAN");
        scan.setCullFace(CullFace.NONE);
        scan.setMaterial(scanMaterial);
        AmbientLight ambient = new AmbientLight(Color.gray(0.52));
        lamp.setColor(Color.gray(0.62));
        Group root = new Group(floor, parts, scan, ambient, lamp);
        scene = new TwoQualities(root, lens, this);
        lens.setNearClip(0.05);
        lens.setFarClip(200);
        lens.setVerticalFieldOfView(true);
        lens.setFieldOfView(Math.toDegrees(Camera.FIELD_OF_VIEW));
        chalk.prefWidthProperty().bind(widthProperty());
        chalk.prefHeightProperty().bind(heightProperty());
        getChildren().addAll(scene.scenes());
        getChildren().add(chalk);
        setId("shaded-view");
        setMinSize(0, 0);
        widthProperty().addListener(change -> place());
        heightProperty().addListener(change -> place());
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(this::release);
        setOnMouseClicked(this::click);
        setOnMouseMoved(event -> clicks.pointed(place(event)));
        setOnScroll(wheel -> {
            turnedByHand = true;
            scene.moved();
            look(camera.zoomed(Math.pow(0.9988, wheel.getDeltaY())));
        });
    }

    /** Where the camera looks from, as if from very far. */
    Sight sight() {
        Mat3 axes = camera.axes();
        return new Sight(axes.column(0), axes.column(1).negated());
    }

    Camera camera() {
        return camera;
    }

    void look(Camera other) {
        camera = other;
        place();
    }

    /** Circles the machine and comes nearer, by keys. */
    void turn(double yaw, double pitch, double nearer) {
        turnedByHand = true;
        scene.moved();
        look(camera.orbited(yaw, pitch).zoomed(nearer));
    }

    /** Looks at a ball; a view the user has turned stays unless {@code again}. */
    void frame(Vec3 centre, double radius, boolean again) {
        if (again) {
            turnedByHand = false;
        }
        if (!turnedByHand) {
            look(WHOLE.lookingAt(centre, radius));
        }
    }

    /** While a place on the scan is waited for, clicks go through everything else to it. */
    void waitForScan(boolean waiting) {
        parts.setMouseTransparent(waiting);
    }

    /** Goes near to a part; nothing happens if it has no solid. */
    void goTo(String part) {
        Aabb box = null;
        for (JobDrawing.PartSolid solid : solids) {
            if (solid.part().equals(part)) {
                box = box == null
                        ? solid.solid().bounds()
                        : box.joined(solid.solid().bounds());
            }
        }
        if (box != null) {
            turnedByHand = true;
            look(camera.lookingAt(box.centre(), Math.max(0.12, box.size().length() / 2)));
        }
    }

    private void place() {
        lens.getTransforms().setAll(affine(new Pose(camera.axes(), camera.eye())));
        Vec3 light = camera.eye().plus(new Vec3(0.6, 1.5, 2.5));
        lamp.setTranslateX(light.x());
        lamp.setTranslateY(light.y());
        lamp.setTranslateZ(light.z());
        paint();
        showChalk();
    }

    /** What stands before the donor is looked through, so that it is seen from every side. */
    private void paint() {
        if (painted == null) {
            return;
        }
        Set<String> before = new HashSet<>();
        for (JobDrawing.PartSolid part : solids) {
            views.get(part.part()).setVisible(!painted.hides(part.role()));
            Color colour = painted.of(part.part(), part.role());
            if (painted.mayFade(part.part(), part.role()) && isBeforeDonor(shown.get(part.part()))) {
                before.add(part.part());
                colour = painted.faded(colour);
            }
            PhongMaterial material = materials.get(part.part());
            if (!colour.equals(material.getDiffuseColor())) {
                material.setDiffuseColor(colour);
            }
        }
        if (!before.equals(faded)) {
            faded = before;
            views.forEach((part, view) -> view.setMouseTransparent(faded.contains(part)));
            order();
        }
    }

    private boolean isBeforeDonor(List<Solid> tube) {
        Vec3 middle =
                tube.stream().map(Solid::centre).reduce(Vec3.ZERO, Vec3::plus).times(1.0 / tube.size());
        return depth(middle) < depth(donor) - BEFORE;
    }

    private double depth(Vec3 point) {
        return camera.project(point, getWidth(), getHeight()).z();
    }

    private void showChalk() {
        if (getWidth() > 0 && getHeight() > 0) {
            chalk.show(marks, style, this::onScreen, getWidth(), getHeight());
        }
    }

    /** Pixels of a host point; null behind the eye. */
    Point2D onScreen(Vec3 point) {
        Vec3 seen = camera.project(point, getWidth(), getHeight());
        return seen.z() <= 0.05 ? null : new Point2D(seen.x(), seen.y());
    }

    void show(
            Examination examination,
            Side scanOf,
            Optional<ScanStudy> study,
            PartPaint paint,
            List<ChalkMark> newMarks,
            UnitStyle newStyle) {
        List<JobDrawing.PartSolid> now = JobDrawing.solids(examination);
        labels = examination.job()::label;
        if (!now.equals(solids)) {
            solids = now;
            rebuild();
        }
        painted = paint;
        donor = examination.seating().mass().cg();
        showScan(examination, scanOf, study, paint);
        marks = newMarks;
        style = newStyle;
        place();
    }

    /** The scan where its picks put it; before it has enough of them, at its body's own origin. */
    private void showScan(Examination examination, Side side, Optional<ScanStudy> study, PartPaint paint) {
        Optional<MeshTree> tree =
                side.scan(examination.job()).flatMap(each -> examination.scans().of(each.file()));
        scan.setVisible(tree.isPresent());
        if (tree.isEmpty()) {
            return;
        }
        Optional<ScanStudy> tones = study.filter(each -> each.laid().scan() == tree.get());
        if (tree.get() != scanShown || !tones.equals(toned)) {
            scanShown = tree.get();
            toned = tones;
            scan.setMesh(
                    ScanMesh.of(scanShown.mesh(), toned.map(ScanStudy::offs).orElse(new float[0])));
        }
        Color plain = paint.of("SCAN", Role.HOT);
        scanMaterial.setDiffuseMap(toned.isPresent() ? ScanMesh.tones(paint.quiet()) : null);
        scanMaterial.setDiffuseColor(toned.isPresent() ? Color.WHITE : plain);
        Pose onBody = examination
                .scanPlace(side)
                .flatMap(ScanPlace::fit)
                .map(BestFit::pose)
                .orElse(Pose.IDENTITY);
        Pose body = side == Side.DONOR ? examination.seating().pose() : Pose.IDENTITY;
        scan.getTransforms().setAll(affine(body.after(onBody)));
    }

    /** Makes anew only the meshes of parts that have moved or changed. */
    private void rebuild() {
        Map<String, List<Solid>> now = new LinkedHashMap<>();
        roles.clear();
        for (JobDrawing.PartSolid part : solids) {
            now.computeIfAbsent(part.part(), id -> new ArrayList<>()).add(part.solid());
            roles.put(part.part(), part.role());
        }
        for (Map.Entry<String, List<Solid>> part : now.entrySet()) {
            MeshView view = views.computeIfAbsent(part.getKey(), this::newView);
            if (!part.getValue().equals(shown.get(part.getKey()))) {
                view.setMesh(meshOf(part.getKey(), part.getValue()));
                draw(part.getKey(), part.getValue());
            }
        }
        views.keySet().retainAll(now.keySet());
        edges.keySet().retainAll(now.keySet());
        shown = now;
        order();
    }

    private TriangleMesh meshOf(String part, List<Solid> solids) {
        Role role = roles.get(part);
        boolean finned =
                labels.apply(part).filter(label -> label.contains("cylinder")).isPresent();
        return role == Role.DONOR || role == Role.HOT ? SolidMesh.cast(solids, finned) : SolidMesh.of(solids);
    }

    /** Tubes show their shape without lines. */
    private void draw(String part, List<Solid> solids) {
        Role role = roles.get(part);
        if (role == Role.DONOR || role == Role.HOT || role == Role.DRIVE || role == Role.KEEP_OUT) {
            MeshView lines = edges.computeIfAbsent(part, id -> new MeshView());
            lines.setMesh(EdgeMesh.of(solids));
            lines.setMaterial(pencil);
            lines.setMouseTransparent(true);
        }
    }

    /** What one looks through must be drawn last. */
    private void order() {
        List<Node> shapes = new ArrayList<>();
        List<Node> seeThrough = new ArrayList<>();
        for (String part : shown.keySet()) {
            boolean through = roles.get(part) == Role.KEEP_OUT || faded.contains(part);
            (through ? seeThrough : shapes).add(views.get(part));
            Optional.ofNullable(edges.get(part)).ifPresent(shapes::add);
        }
        shapes.addAll(seeThrough);
        if (!parts.getChildren().equals(shapes)) {
            parts.getChildren().setAll(shapes);
        }
    }

    private MeshView newView(String part) {
        MeshView view = new MeshView();
        view.setUserData(part);
        view.setMaterial(materials.computeIfAbsent(part, id -> new PhongMaterial(Color.GRAY)));
        return view;
    }

    /** Colours that are not a part's. */
    void colour(Palette palette) {
        scene.fill(palette.floor());
        pencil.setDiffuseColor(palette.graphite());
        PhongMaterial line = new PhongMaterial(palette.grid());
        floor.getChildren().clear();
        double reach = GRID_LINES * GRID_STEP;
        for (int k = -GRID_LINES; k <= GRID_LINES; k++) {
            floor.getChildren().add(gridLine(0.75 + k * GRID_STEP, 0, 0.003, 2 * reach, line));
            floor.getChildren().add(gridLine(0.75, k * GRID_STEP, 2 * reach, 0.003, line));
        }
    }

    private static Box gridLine(double x, double y, double alongX, double alongY, PhongMaterial material) {
        Box line = new Box(alongX, alongY, 0.001);
        line.setTranslateX(x);
        line.setTranslateY(y);
        line.setMaterial(material);
        line.setMouseTransparent(true);
        return line;
    }

    private void press(MouseEvent event) {
        requestFocus();
        pressed = new Point2D(event.getX(), event.getY());
        last = pressed;
        Node hit = event.getPickResult().getIntersectedNode();
        boolean taken = event.getButton() == MouseButton.PRIMARY
                && !event.isShiftDown()
                && hit != null
                && hit.getUserData() instanceof String id
                && hold.takes(id, pressed, this::onScreen);
        Point3D at = event.getPickResult().getIntersectedPoint();
        held = taken
                ? camera.project(new Vec3(at.getX(), at.getY(), at.getZ()), getWidth(), getHeight())
                        .z()
                : 0;
    }

    private void release(MouseEvent event) {
        if (held > 0 && pressed.distance(last) > 0) {
            hold.pulled(Vec3.ZERO, true);
        }
        held = 0;
    }

    private void drag(MouseEvent event) {
        Point2D now = new Point2D(event.getX(), event.getY());
        Point2D by = now.subtract(last);
        last = now;
        if (held > 0) {
            double metresPerPixel = metresPerPixel(held);
            Mat3 axes = camera.axes();
            hold.pulled(
                    axes.column(0)
                            .times(by.getX() * metresPerPixel)
                            .plus(axes.column(1).times(by.getY() * metresPerPixel)),
                    false);
            return;
        }
        turnedByHand = true;
        scene.moved();
        look(
                event.getButton() == MouseButton.PRIMARY && !event.isShiftDown()
                        ? camera.orbited(-by.getX() * 0.008, by.getY() * 0.008)
                        : camera.panned(by.getX(), by.getY(), getHeight()));
    }

    private void click(MouseEvent event) {
        double moved = pressed.distance(event.getX(), event.getY());
        Node hit = event.getPickResult().getIntersectedNode();
        if (hit == scan && moved < PartClicks.STILL && event.getButton() == MouseButton.PRIMARY) {
            Point3D at = event.getPickResult().getIntersectedPoint();
            pickedOnScan.accept(new Vec3(at.getX(), at.getY(), at.getZ()));
            return;
        }
        String part = hit != null && hit.getUserData() instanceof String id ? id : "";
        clicks.click(event, part, place(event), moved);
    }

    private PartClicks.PlaceUnder place(MouseEvent event) {
        return new PartClicks.PlaceUnder() {
            @Override
            public Vec3 beside(Vec3 place) {
                Vec3 seen = camera.project(place, getWidth(), getHeight());
                double metresPerPixel = metresPerPixel(seen.z());
                Mat3 axes = camera.axes();
                return place.along(axes.column(0), (event.getX() - seen.x()) * metresPerPixel)
                        .along(axes.column(1), (event.getY() - seen.y()) * metresPerPixel);
            }

            @Override
            public Optional<Vec3> onBody() {
                Node hit = event.getPickResult().getIntersectedNode();
                Point3D at = event.getPickResult().getIntersectedPoint();
                return hit != null && hit.getUserData() instanceof String
                        ? Optional.of(new Vec3(at.getX(), at.getY(), at.getZ()))
                        : Optional.empty();
            }
        };
    }

    private double metresPerPixel(double depth) {
        return 2 * depth * Math.tan(Camera.FIELD_OF_VIEW / 2) / getHeight();
    }

    /** Shows the donor on its way, without what has come off; back in its seat where {@code way} is empty. */
    void donorMoved(Examination examination, Optional<Desk.DonorMoved> way) {
        Set<String> donor =
                examination.job().donor().bodies().stream().map(Part::id).collect(Collectors.toSet());
        Pose back = examination.seating().pose().inverse();
        views.forEach((part, view) -> {
            boolean carried = way.isPresent() && donor.contains(part);
            view.getTransforms()
                    .setAll(carried ? List.of(affine(way.get().pose().after(back))) : List.of());
            view.setVisible(way.isEmpty() || !way.get().off().contains(part));
            Optional.ofNullable(edges.get(part)).ifPresent(lines -> {
                lines.getTransforms().setAll(view.getTransforms());
                lines.setVisible(view.isVisible());
            });
        });
    }

    /** What a drag moves; where it takes nothing the view itself moves. */
    void holdBy(Hold newHold) {
        this.hold = newHold;
    }

    private static Affine affine(Pose pose) {
        Mat3 r = pose.rotation();
        Vec3 t = pose.translation();
        return new Affine(
                r.get(0, 0),
                r.get(0, 1),
                r.get(0, 2),
                t.x(),
                r.get(1, 0),
                r.get(1, 1),
                r.get(1, 2),
                t.y(),
                r.get(2, 0),
                r.get(2, 1),
                r.get(2, 2),
                t.z());
    }
}
