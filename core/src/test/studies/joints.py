"""Welded joints as solid models: gmsh meshes a quarter of each, CalculiX solves it.

Told for each joint and load: what the wall gives beside both as beams (elastic), and the greatest load of perfectly plastic metal
(small displacements), both in SI. The rows go to welded-joints.csv among the test resources, which JointStudyTest reads.

    python3 core/src/test/studies/joints.py [name ...]      all take about an hour; needs gmsh and calculix-ccx
"""
import math, os, re, subprocess, sys, tempfile

E, NU, YIELD = 210e9, 0.3, 235e6

# name, chord, what stands on it; mm. Round chord: diameter, wall. Box: width, height, wall. The brace: round (diameter, wall), or a
# plate (length along the chord, thickness) as a mount's tab.
JOINTS = {
    "round-narrow": (("round", 40, 3), ("round", 20, 4)),
    "round-shop": (("round", 40, 3), ("round", 32, 2.5)),
    "box-square": (("box", 60, 60, 4), ("box", 36, 36, 5)),
    "tab-round": (("round", 40, 3), ("plate", 60, 6)),
    "tab-box": (("box", 60, 60, 4), ("plate", 60, 6)),
}
LOADS = ("axial", "in-plane", "out-of-plane")


def geometry(chord, brace, size):
    half = 6 * chord[1] / 2
    kind = chord[0]
    top = chord[1] / 2 if kind == "round" else chord[2] / 2
    wall = chord[-1]
    lines = ['SetFactory("OpenCASCADE");']
    if kind == "round":
        r = chord[1] / 2
        solid = lambda n: f"Cylinder({n}) = {{0,0,0, {half},0,0, {r}}};"
        bore = lambda n: f"Cylinder({n}) = {{0,0,0, {half},0,0, {r - wall}}};"
    else:
        b, h = chord[1], chord[2]
        solid = lambda n: f"Box({n}) = {{0,{-b / 2},{-h / 2}, {half},{b},{h}}};"
        bore = lambda n: f"Box({n}) = {{0,{-b / 2 + wall},{-h / 2 + wall}, {half},{b - 2 * wall},{h - 2 * wall}}};"
    wide = brace[1]
    high = top + 2.5 * (wide if brace[0] != "plate" else wide / 2)
    lines += [solid(1), solid(5), bore(3)]
    if brace[0] == "plate":
        lines += [f"Box(2) = {{{-wide / 2},{-brace[2] / 2},0, {wide},{brace[2]},{high}}};"]
        hollow = ""
    elif brace[0] == "round":
        lines += [f"Cylinder(2) = {{0,0,0, 0,0,{high}, {wide / 2}}};",
                  f"Cylinder(4) = {{0,0,0, 0,0,{high}, {wide / 2 - brace[2]}}};"]
        hollow = "4"
    else:
        t = brace[3]
        lines += [f"Box(2) = {{{-wide / 2},{-brace[2] / 2},0, {wide},{brace[2]},{high}}};",
                  f"Box(4) = {{{-wide / 2 + t},{-brace[2] / 2 + t},0, {wide - 2 * t},{brace[2] - 2 * t},{high}}};"]
        hollow = "4"
    lines += ["BooleanUnion(7) = { Volume{1}; Delete; }{ Volume{2}; Delete; };"]
    if hollow:
        lines += ["BooleanDifference(6) = { Volume{4}; Delete; }{ Volume{5}; Delete; };",
                  "BooleanDifference(8) = { Volume{7}; Delete; }{ Volume{3}; Volume{6}; Delete; };"]
    else:
        lines += ["BooleanDifference(8) = { Volume{7}; Delete; }{ Volume{3}; Delete; };", "Recursive Delete { Volume{5}; }"]
    lines += [f"Box(9) = {{0,0,{-2 * high}, {2 * half},{2 * half},{4 * high}}};",
              "BooleanIntersection(10) = { Volume{8}; Delete; }{ Volume{9}; Delete; };",
              "Physical Volume(1) = {10};",
              "Field[1] = Box;",
              f"Field[1].VIn = {size}; Field[1].VOut = {2.2 * size};",
              f"Field[1].XMin = -1; Field[1].XMax = {wide / 2 + 0.4 * chord[1]};",
              f"Field[1].YMin = -1; Field[1].YMax = {chord[1]};",
              f"Field[1].ZMin = {-0.2 * top}; Field[1].ZMax = {top + 0.4 * chord[1]}; Field[1].Thickness = {chord[1] / 2};",
              "Background Field = 1; Mesh.MeshSizeExtendFromBoundary = 0; Mesh.MeshSizeFromPoints = 0;",
              "Mesh.ElementOrder = 2; Mesh.HighOrderOptimize = 1; Mesh.SaveAll = 0;"]
    return "\n".join(lines), half, top, high


def mesh(folder, text):
    with open(f"{folder}/joint.geo", "w") as file:
        file.write(text)
    subprocess.run(["gmsh", "-3", "-format", "inp", "joint.geo", "-o", "mesh.inp"], cwd=folder, check=True,
                   stdout=subprocess.DEVNULL)
    nodes, elements, part = {}, [], None
    with open(f"{folder}/mesh.inp") as file:
        for line in file:
            if line.startswith("*"):
                part = "node" if line.upper().startswith("*NODE") else "solid" if "C3D10" in line.upper() else None
            elif part == "node":
                n, x, y, z = line.split(",")
                nodes[int(n)] = (float(x), float(y), float(z))
            elif part == "solid":
                elements.append(line)
    text = "".join(elements)
    used = {int(n) for row in re.sub(r",\s*\n\s+", ",", text).splitlines() for n in row.split(",")[1:] if n.strip()}
    return {n: nodes[n] for n in used}, text


def solve(folder, nodes, elements, load, half, high, move, plastic):
    near = 1e-4
    at_x = [n for n, p in nodes.items() if abs(p[0]) < near]
    at_y = [n for n, p in nodes.items() if abs(p[1]) < near]
    end = [n for n, p in nodes.items() if abs(p[0] - half) < near]
    top = [n for n, p in nodes.items() if abs(p[2] - high) < near]
    same_x, same_y = load != "in-plane", load != "out-of-plane"
    held = {(n, d) for n in end for d in (1, 2, 3)}
    held |= {(n, 1) for n in at_x} if same_x else {(n, d) for n in at_x for d in (2, 3)}
    held |= {(n, 2) for n in at_y} if same_y else {(n, d) for n in at_y for d in (1, 3)}
    pulled = {n: 1.0 if load == "axial" else nodes[n][0] if load == "in-plane" else nodes[n][1] for n in top}
    steps = 24 if plastic else 1
    with open(f"{folder}/run.inp", "w") as out:
        out.write("*NODE, NSET=NALL\n")
        out.writelines(f"{n}, {p[0]:.9g}, {p[1]:.9g}, {p[2]:.9g}\n" for n, p in nodes.items())
        out.write("*ELEMENT, TYPE=C3D10, ELSET=EALL\n" + elements)
        out.write("*NSET, NSET=TOP\n" + "".join(f"{n},\n" for n in top))
        out.write(f"*MATERIAL, NAME=STEEL\n*ELASTIC\n{E / 1e6}, {NU}\n")
        if plastic:
            out.write(f"*PLASTIC\n{YIELD / 1e6}, 0\n{YIELD / 1e6 * 1.001}, 1\n")
        out.write("*SOLID SECTION, ELSET=EALL, MATERIAL=STEEL\n*BOUNDARY\n")
        # Where a pulled node is held by symmetry it does not move that way.
        out.writelines(f"{n}, {d}, {d}\n" for n, d in sorted(held))
        out.write("*AMPLITUDE, NAME=RISE\n0, 0, 1, 1\n*STEP, INC=200\n*STATIC\n")
        out.write(f"{1 / steps:.6g}, 1, {1e-3 / steps:.6g}, {1 / steps:.6g}\n")
        out.write("*BOUNDARY, AMPLITUDE=RISE\n")
        out.writelines(f"{n}, 3, 3, {move * pulled[n]:.9g}\n" for n in top if (n, 3) not in held)
        out.write("*NODE PRINT, NSET=TOP\nRF\n*END STEP\n")
    done = subprocess.run(["ccx", "run"], cwd=folder, stdout=subprocess.PIPE, text=True, timeout=3000)
    rows, total, sums = [], 0.0, []
    with open(f"{folder}/run.dat") as file:
        for line in file:
            part = line.split()
            if "forces" in line:
                if rows:
                    sums.append(sum(rows))
                rows = []
            elif len(part) == 4 and part[0].isdigit():
                rows.append(float(part[3]) * (pulled[int(part[0])]))
    sums.append(sum(rows))
    return [4 * each for each in sums]


def beams(chord, brace, load, half, top, high):
    """What the two would give as beams: chord held at both ends, brace from the chord's skin; N, mm."""
    e, g = E / 1e6, E / 1e6 / (2 * (1 + NU))
    def of(kind):
        if kind[0] == "round":
            d, t = kind[1], kind[2]
            i = math.pi / 64 * (d**4 - (d - 2 * t)**4)
            return math.pi * t * (d - t), i, i, 2 * i
        if kind[0] == "plate":
            l, t = kind[1], kind[2]
            return l * t, t * l**3 / 12, l * t**3 / 12, l * t**3 / 3
        b, h, t = kind[1], kind[2], kind[3]
        inner = lambda x, y: (x * y**3 - (x - 2 * t) * (y - 2 * t)**3) / 12
        return b * h - (b - 2 * t) * (h - 2 * t), inner(b, h), inner(h, b), 2 * t * ((b - t) * (h - t))**2 / (b + h - 2 * t)
    ca, ci, _, cj = of(chord)
    ba, bi, bo, _ = of(brace)
    span, reach = 2 * half, high - top
    if load == "axial":
        shear = 0.53 if chord[0] == "round" else 0.44
        return span**3 / (192 * e * ci) + span / (4 * shear * g * ca) + reach / (e * ba)
    if load == "in-plane":
        return span / (16 * e * ci) + reach / (e * bi)
    return span / (4 * g * cj) + reach / (e * bo)


def study(name):
    chord, brace = JOINTS[name]
    folder = tempfile.mkdtemp(prefix=f"joint-{name}-")
    text, half, top, high = geometry(chord, brace, 0.75 * chord[-1])
    nodes, elements = mesh(folder, text)
    print(f"# {name}: {len(nodes)} nodes", file=sys.stderr, flush=True)
    for load in LOADS:
        stiff = solve(folder, nodes, elements, load, half, high, 1e-3, False)[-1] / 1e-3
        gives = 1 / stiff - beams(chord, brace, load, half, top, high)
        scale = 1e-3 if load == "axial" else 1e3
        # Far enough that the load no longer rises.
        wide = chord[1]
        far = 0.03 * wide if load == "axial" else 0.08
        history = solve(folder, nodes, elements, load, half, high, far, True)
        most = max(history)
        still = history[-1] / history[len(history) // 2]
        print(",".join([name, load, "/".join(map(str, chord)), "/".join(map(str, brace)), f"{gives * scale:.4g}",
                        f"{most * (1 if load == 'axial' else 1e-3):.4g}", f"{still:.3f}"]), flush=True)


for each in sys.argv[1:] or JOINTS:
    study(each)
