import { given, jarFill, type Jar } from '@zymostat/core';
import { duration, millilitres, number, wholePercent } from '@zymostat/words';
import { w } from '../../../words/words.ts';

const figureOf = (volume: number): string =>
  w.say('figure.ml', { n: number(w, volume * 1e6, volume < 20e-6 ? 1 : 0) });

/** How it comes to what is poured, and to what one cloth keeps wet: a sum written out. */
export const JarSum = ({ jar, count }: { jar: Jar; count: number }) => (
  <table className="worked" aria-label={w.name('jars', 'theSum')}>
    <tbody>
      <tr>
        <td>{w.say('jars.weigh', { count, guess: jar.usual ? 'yes' : 'no' })}</td>
        <td className="num">{w.say('jars.grams', { g: number(w, jar.dry * 1000, 0) })}</td>
      </tr>
      <tr>
        <td>{w.name('jars', 'takeUp')}</td>
        <td className="num">{millilitres(w, jar.takesUp)}</td>
      </tr>
      <tr className="worked__counts">
        <td>{w.say('jars.pourOf', { part: wholePercent(w, jarFill.usual) })}</td>
        <td className="num">{millilitres(w, jar.pour)}</td>
      </tr>
      <tr>
        <td>{w.name('jars', 'eachHolds')}</td>
        <td className="num">{figureOf(jar.holds)}</td>
      </tr>
      <tr>
        <td>{w.say('jars.eachGives', { part: wholePercent(w, given.usual) })}</td>
        <td className="num">{figureOf(jar.gives.usual)}</td>
      </tr>
      {jar.film !== null && (
        <>
          <tr>
            <td>{w.say('jars.timeAsks', { time: duration(w, jar.seconds) })}</td>
            <td className="num">
              {w.say('jars.aSquareMetre', { ml: number(w, jar.film * 1e6, 0) })}
            </td>
          </tr>
          <tr className="worked__counts">
            <td>{w.name('jars', 'oneKeepsWet')}</td>
            <td className="num">
              {w.say('figure.square-metres', { n: number(w, jar.keepsWet!.usual) })}
            </td>
          </tr>
        </>
      )}
    </tbody>
  </table>
);
