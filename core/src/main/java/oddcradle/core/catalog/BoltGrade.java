package oddcradle.core.catalog;

/** Strength of bolts: proof stress and tensile strength, Pa. ISO 898-1 and SAE J429 (from memory). */
public enum BoltGrade {
    CLASS_8_8("8.8", 580e6, 800e6),
    CLASS_10_9("10.9", 830e6, 1040e6),
    GRADE_5("grade 5", 586.1e6, 827.4e6),
    GRADE_8("grade 8", 827.4e6, 1034e6);

    private static final double THICK = 0.016;
    private static final double PROOF_OF_THICK = 600e6;

    private final String word;
    private final double proof;
    private final double tensile;

    BoltGrade(String word, double proof, double tensile) {
        this.word = word;
        this.proof = proof;
        this.tensile = tensile;
    }

    public String word() {
        return word;
    }

    public double proofStress() {
        return proof;
    }

    /** Tensile strength over proof stress, a ratio. */
    public double tensileOverProof() {
        return tensile / proof;
    }

    /** What a shop has unless it says otherwise. */
    public static BoltGrade usual(boolean inch) {
        return inch ? GRADE_5 : CLASS_8_8;
    }

    /** Force that leaves no lasting stretch, N; class 8.8 is better hardened through above M16 (ISO 898-1, from memory). */
    public double proofLoad(ScrewThread thread) {
        double here = this == CLASS_8_8 && thread.diameter() > THICK ? PROOF_OF_THICK : proof;
        return here * thread.stressArea();
    }
}
