package oddcradle.files.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CalculatorErrorsTest {
    private static final String CHAIN = "'pitch':0.0127,'teeth_driver':15,'teeth_driven':40,'centre':0.5";
    private static final String FRAME =
            """
            {'materials':{'s':{'E':2e11,'nu':0.3}},'sections':{'t':{'type':'tube','od':0.03,'wall':%s}},
             'nodes':[{'id':'a','xyz':[0,0,0]},{'id':'b','xyz':[1,0,0]}],
             'members':[{'id':'m','i':'a','j':'%s','section':'t','material':'s','end_j':'%s'}],
             'supports':[{'node':'a','fix':%s}],'loads':[{'node':'b','force':[0,0,-1]}]}
            """;

    private static String ask(String name, String question) {
        return Calculators.answer(name, question.replace('\'', '"')).json();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{'pitch':0.0127,'teeth_driver':15,'teeth_driven':40}|centre|is missing",
                "{'pitch':'x','teeth_driver':15,'teeth_driven':40,'centre':1}|pitch|must be a number",
                "{'pitch':0.01,'teeth_driver':15.5,'teeth_driven':40,'centre':1}|teeth_driver|whole number",
                "{'pitch':1e999,'teeth_driver':15,'teeth_driven':40,'centre':1}|pitch|too large",
                "{'pitch':-1,'teeth_driver':15,'teeth_driven':40,'centre':1}|pitch|greater than 0",
                "{'pitch':0.01,'teeth_driver':15,'teeth_driven':40,'centre':1,'colour':3}|colour|not a field known here",
                "[]x||no JSON",
                "{'pitch':0.01,'pitch':0.02}||no JSON"
            })
    void wrongChain_namesTheField(String question, String field, String problem) {
        String answer = ask("chain", question);
        assertThat(answer)
                .contains("\"field\" : \"" + (field == null ? "" : field) + "\"")
                .contains(problem);
    }

    @Test
    void anArray_isAnsweredInOrder_wrongOnesAmongThem() {
        Calculators.Answer answer =
                Calculators.answer("chain", ("[{" + CHAIN + "},{},{" + CHAIN + "}]").replace('\'', '"'));
        assertThat(answer.allAnswered()).isFalse();
        assertThat(answer.json().split("\"links\"")).hasSize(3);
        assertThat(answer.json()).contains("\"error\"");
        assertThat(Calculators.answer("chain", "").json()).contains("standard input is empty");
        assertThat(Calculators.answer("chain", "[]").allAnswered()).isTrue();
    }

    @Test
    void wrongFrames_nameTheFieldInside() {
        assertThat(ask("frame", FRAME.formatted("0.02", "b", "fixed", "[1,1,1,1,1,1]")))
                .contains("sections.t.wall");
        assertThat(ask("frame", FRAME.formatted("0.002", "q", "fixed", "[1,1,1,1,1,1]")))
                .contains("members[0].j");
        assertThat(ask("frame", FRAME.formatted("0.002", "b", "glued", "[1,1,1,1,1,1]")))
                .contains("members[0].end_j");
        assertThat(ask("frame", FRAME.formatted("0.002", "b", "fixed", "[1,1,1]")))
                .contains("supports[0].fix");
        assertThat(ask("frame", FRAME.formatted("0.002", "b", "fixed", "[1,1,1,0,1,1]")))
                .contains("cannot be solved")
                .contains("rolling");
        assertThat(ask("frame", FRAME.formatted("0.002", "b", "fixed", "[1,1,1,1,1,1]")))
                .contains("stress_max");
    }

    @Test
    void wrongSolidsAndMounts_areNamed() {
        assertThat(ask("distance", "{'a':{'type':'cone'},'b':{'type':'sphere','center':[0,0,0],'radius':1}}"))
                .contains("a.type");
        assertThat(ask("distance", "{'a':{'type':'sphere','center':[0,0],'radius':1},'b':{}}"))
                .contains("a.center")
                .contains("must have 3");
        String mount = "{'name':'M1','position':[1,0,0],'k':[1e5,1e5,%s]}";
        String modes = "{'mass':10,'cg':[0,0,0],'inertia':[[1,0,0],[0,1,0],[0,0,%s]],'mounts':[%s]}";
        assertThat(ask("modes", modes.formatted("5", mount.formatted("1e5")))).contains("inertia");
        assertThat(ask("modes", modes.formatted("1", mount.formatted("-1")))).contains("mounts[0].k[2]");
        assertThat(ask("modes", modes.formatted("1", mount.formatted("1e5")))).contains("cannot be solved");
    }

    @Test
    void unknownCalculator_listsTheKnown() {
        assertThatThrownBy(() -> Calculators.answer("horoscope", "{}"))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining(
                        "align, bend, boltgroup, chain, cope, distance, drive, fatigue, fit, frame, gastorque, jet, modes, nest, response, rubber,"
                                + " runup, shaft, shaking, survey, tab, unbalance, weld");
    }

    /** A pinned column and its twin with a ball at the head carry the same; sections of every kind are read. */
    @Test
    void everySectionAndJoint_isUnderstood() {
        String beam =
                """
                {'theory':'euler','materials':{'s':{'E':2e11,'nu':0.3,'rho':7850}},'sections':{'t':%s},
                 'nodes':[{'id':'a','xyz':[0,0,0]},{'id':'b','xyz':[1,0,0]}],
                 'members':[{'id':'m','i':'a','j':'b','section':'t','material':'s','end_i':'%s','end_j':'%s'}],
                 'supports':[{'node':'a'},{'node':'b'}],'acceleration':[0,0,-9.80665],'buckling':true}
                """;
        for (String section : new String[] {
            "{'type':'round','d':0.02}",
            "{'type':'round','od':0.02}",
            "{'type':'round','diameter':0.02}",
            "{'type':'rect','b':0.02,'h':0.01}",
            "{'type':'rect_tube','b':0.02,'h':0.03,'wall':0.002}"
        }) {
            String pinned = ask("frame", beam.formatted(section, "pinned", "pinned"));
            assertThat(pinned).contains("stress_max").contains("\"buckling_factor\" : null");
            assertThat(ask("frame", beam.formatted(section, "ball", "ball"))).contains("stress_max");
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "shaking|{'rpm':3000,'cylinders':[]}|cylinders|at least one",
                "shaking|{'rpm':0,'cylinders':[%s]}|rpm|greater than 0",
                "shaking|{'rpm':3000,'cylinders':[{'throw':0,'bank':0,'x':0,'crank_radius':0.05,'rod_length':0.055,'pin_offset':-0.005,'reciprocating_mass':1}]}|cylinders[0].rod_length|could not turn",
                "shaking|{'rpm':3000,'cylinders':[%s],'shafts':[{'ratio':3,'mr':0.01,'phase':0,'x':0}]}|shafts[0].ratio|1, -1, 2 or -2",
                "shaking|{'rpm':3000,'cylinders':[%s],'shafts':[{'ratio':1,'mr':-0.01,'phase':0,'x':0}]}|shafts[0].mr|0 or more",
                "gastorque|{'strokes':3,'firing_angles':[0],'orders':[1],%s}|strokes|2 or 4",
                "gastorque|{'strokes':2,'firing_angles':[6.3],'orders':[1],%s}|firing_angles[0]|less than one cycle",
                "gastorque|{'strokes':4,'firing_angles':[0],'orders':[0.25],%s}|orders[0]|multiple of 1/2",
                "gastorque|{'strokes':2,'firing_angles':[0],'orders':[0.5],%s}|orders[0]|multiple of 1",
                "gastorque|{'strokes':4,'firing_angles':[0],'orders':[2],%s}|orders[0]|below 2",
                "rubber|{}||asks nothing",
                "rubber|{'pad':{'shape':{'type':'oval'},'thickness':0.02,'E':2e6,'G':6e5,'k':0.7}}|pad.shape.type|rect, disc or ring",
                "rubber|{'pad':{'shape':{'type':'ring','d_out':0.05,'d_in':0.06},'thickness':0.02,'E':2e6,'G':6e5,'k':0.7}}|pad.shape.d_in|less than d_out",
                "rubber|{'bush':{'inner_radius':0.02,'outer_radius':0.01,'length':0.02,'G':6e5}}|bush.outer_radius|more than the inner",
                "rubber|{'pair':{'compression_stiffness':1e5,'shear_stiffness':1e4,'angle':2,'half_spacing':0.1}}|pair.angle|between"
            })
    void wrongForces_nameTheFieldAndTheLimit(String name, String question, String field, String problem) {
        String filling = name.equals("shaking")
                ? "{'throw':0,'bank':0,'x':0,'crank_radius':0.05,'rod_length':0.2,'reciprocating_mass':1}"
                : "'pressure':[1e5,1e5,1e5,1e5,1e5,1e5,1e5,1e5],'ambient_pressure':1e5,'bore':0.07,'crank_radius':0.03,"
                        + "'rod_length':0.1";
        String answer = ask(name, question.replace("%s", filling));
        assertThat(answer)
                .contains("\"field\" : \"" + (field == null ? "" : field) + "\"")
                .contains(problem);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{'mass':0,'stiffness':1e5,'damping':1,'unbalance':0.1,'rpm_start':1,'rpm_end':2,'duration':1}|mass|greater than 0",
                "{'mass':5,'stiffness':1e5,'damping':-1,'unbalance':0.1,'rpm_start':1,'rpm_end':2,'duration':1}|damping|0 or more",
                "{'mass':5,'stiffness':1e5,'damping':1,'unbalance':0.1,'rpm_start':0,'rpm_end':0,'duration':1}|rpm_end|nothing turns",
                "{'mass':5,'stiffness':1e5,'damping':1,'unbalance':0.1,'rpm_start':1,'rpm_end':2e4,'duration':1e9}|duration|shorter run"
            })
    void wrongRunUps_nameTheField(String question, String field, String problem) {
        assertThat(ask("runup", question))
                .contains("\"field\" : \"" + field + "\"")
                .contains(problem);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{}||needs one of",
                "{'correction':{'parts':[{'type':'bolt'}]}}|correction.parts[0].type|mass, hole or plug",
                "{'correction':{'parts':[{'type':'hole','diameter':0.01,'depth':0.2,'density':7800,'radius':0.1,'angle':0,'direction':'radial'}]}}"
                        + "|correction.parts[0].depth|deeper than the radius",
                "{'one_plane':{'initial':{'amplitude':1,'phase':0},'with_trial':{'amplitude':1,'phase':0},'trial':{'mass':0.01,'radius':0.1,'angle':0}}}"
                        + "|one_plane.with_trial|heavier weight",
                "{'two_plane':{'initial':[{'amplitude':1,'phase':0}],'trials':[]}}|two_plane.initial|must have 2",
                "{'grade':{'g':6.3,'mass':10,'rpm':3000,'bearing_a':0.1,'bearing_b':0.1,'cg':0.2}}|grade.bearing_b|must be apart",
                "{'grade':{'g':6.3,'mass':10,'rpm':0}}|grade.rpm|greater than 0"
            })
    void wrongBalances_nameTheField(String question, String field, String problem) {
        assertThat(ask("unbalance", question))
                .contains("\"field\" : \"" + (field == null ? "" : field) + "\"")
                .contains(problem);
    }

    @Test
    void wrongResponses_nameTheField() {
        String response =
                """
                {'frame':{'materials':{'s':{'E':2e11,'nu':0.3,'rho':7850}},'sections':{'t':{'type':'tube','od':0.03,'wall':0.002}},
                 'nodes':[{'id':'a','xyz':[0,0,0]},{'id':'b','xyz':[1,0,0]}],
                 'members':[{'id':'m','i':'a','j':'b','section':'t','material':'s'}],'supports':[{'node':'a'}]},
                 'engine':{'mass':20,'cg':[0.5,0,0.2],'inertia':[[1,0,0],[0,1,0],[0,0,1]]},'elements_per_member':%s,
                 'mounts':[{'name':'M','node':'%s','k':[1e5,1e5,1e5]}],
                 'harmonic':{'frequencies_hz':[%s],'force':[0,0,1],'point':[0,0,0]}}
                """;
        assertThat(ask("response", response.formatted("0", "b", "5"))).contains("elements_per_member");
        assertThat(ask("response", response.formatted("2", "q", "5"))).contains("mounts[0].node");
        assertThat(ask("response", response.formatted("2", "b", "-5"))).contains("harmonic.frequencies_hz[0]");
        // One mount without moment stiffness holds no engine.
        assertThat(ask("response", response.formatted("2", "b", "5"))).contains("moves without strain");
    }
}
