/** What joins the donor to the rest of the machine: pipes, hoses and rods laid from one place to another. SI. */
package oddcradle.core.around;
