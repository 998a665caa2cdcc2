import { caller, gait, phone, tablet } from './recorder'
import { cool, part, ridden, walk } from './telling'
import { choose, expect, signIn, test, trainer } from './yard'

/**
 * Rides that tell what a helper sees, each tapped on a telephone with the time in the test's hand: one tap for a gait, a
 * rein, a pass, an effort or an asking, two for a sign or a touch with leg and element, at most four for a series that went
 * wrong. What was told is found again in the record, in What repeats, and in the verdict.
 */

test.describe('what the rail can tell', () => {
  test.use({ ownBrowser: true })

  test('first cavaletti: a touch has its leg and its pole in two taps', async ({ page }) => {
    const ride = await ridden(
      page,
      'Cleavers',
      [walk, part('work', 'Walk poles', 'walk', 8, { setUpId: 'poles' }), cool],
      {
        horse: { experience: 'green', foaled: 2020 },
        setUps: { poles: { family: 'poleLine', variant: 'walkMedium', poles: 4, raising: 'ground' } },
      },
    )
    await ride.to(2)
    await ride.in(1, /^Left rein|Left rein$/)
    await ride.in(1, /^Clean/)
    await ride.in(2, /^Touched/, 'Right hind, pole 3')
    await ride.in(3, /^Clean/, /^Clean/, /^Clean/)
    const { rail, record, rules } = await ride.told()
    expect(rail.elements).toEqual([{ part: 1, element: 3, leg: 'rightHind', times: 1 }])
    expect(record.passes.left).toMatchObject({ clean: 4, touched: 1 })
    expect(rules).toContain('TouchesNowAndThen')
    await expect(ride.key('Next stage').or(ride.key(/^Next stage/))).toBeVisible()
  })

  test('a narrow fence: where and how of each go, and the guides come back', async ({ page }) => {
    const ride = await ridden(
      page,
      'Orris',
      [walk, part('work', 'Narrow', 'canter', 8, { setUpId: 'narrow' }), cool],
      {
        place: ['narrow/guides-narrower'],
        setUps: {
          narrow: {
            family: 'narrow',
            widthMetres: 1.8,
            guides: 'left',
            heightMetres: 0.5,
            comesIn: 'canter',
          },
        },
      },
    )
    await ride.to(2)
    await ride.in(1, gait(page, 'Canter'))
    await ride.in(1, /^Middle/)
    await ride.in(1, /^A little right/)
    await expect(ride.says()).toContainText('The wing on that side; same width.')
    await ride.in(1, ride.says().getByRole('button', { name: 'Not now' }))
    await ride.in(1, /^Off the right edge/)
    await expect(ride.says()).toContainText('Guide poles back on both sides.')
    await ride.in(1, ride.says().getByRole('button', { name: 'Do it' }))
    const { rail, rules } = await ride.told()
    expect(rail.narrow).toEqual({ middle: 1, aLittleRight: 1, offTheRightEdge: 1 })
    expect(rail.stood[0]!.setUp).toMatchObject({ guides: 'both' })
    expect(rules).toEqual(expect.arrayContaining(['RanOut', 'OffTheMiddle']))
  })

  test('a grid by stages: calm is the next stage, and a rub belongs to its fence', async ({ page }) => {
    const ride = await ridden(
      page,
      'Tansy',
      [walk, part('work', 'Grid', 'canter', 12, { setUpId: 'grid' }), cool],
      {
        setUps: {
          grid: {
            family: 'fenceLine',
            kind: 'grid',
            comesIn: 'trot',
            elements: [
              { kind: 'crossPole', heightMetres: 0.4 },
              { kind: 'upright', heightMetres: 0.5, strides: 1 },
            ],
          },
        },
      },
    )
    await ride.to(2)
    await expect(page.getByText(/^stage 1 of 2/i)).toBeVisible()
    await ride.in(2, /^Clear/, /^Clear/)
    await expect(ride.says()).toContainText('Calm: the next stage, or leave it.')
    await ride.in(1, ride.says().getByRole('button', { name: 'Do it' }))
    await expect(page.getByText(/^stage 2 of 2/i)).toBeVisible()
    await ride.in(2, /^Rub/, 'Left hind, fence 2')
    const { rail, record } = await ride.told()
    expect(record.efforts.left.clear + record.efforts.right.clear).toBe(3)
    expect(rail.elements).toEqual([{ part: 1, element: 2, leg: 'leftHind', times: 1 }])
    expect(rail.touchedLegs).toEqual({ leftHind: 1 })
  })

  test('a line of two gaps takes its counts in one tap', async ({ page }) => {
    const ride = await ridden(
      page,
      'Medick',
      [walk, part('work', 'Counted line', 'canter', 8, { setUpId: 'line' }), cool],
      {
        setUps: {
          line: {
            family: 'fenceLine',
            kind: 'relatedLine',
            comesIn: 'canter',
            elements: [
              { kind: 'pole' },
              { kind: 'pole', strides: 5, distanceMetres: 15 },
              { kind: 'pole', strides: 3, distanceMetres: 10 },
            ],
          },
        },
      },
    )
    await ride.to(2)
    await ride.in(1, '5 and 3 strides')
    await ride.in(1, '4 and 3 strides')
    await ride.in(1, /Left rein/)
    await ride.in(2, /^Clean/, 'Landed right')
    const { rail, rules } = await ride.told()
    expect(rail.jumps).toMatchObject({ landedRight: 1 })
    expect(rules).toContain('LandsOnWrongLead')
    expect(rail.lines.map((l) => [l.metres, l.planned, l.met])).toEqual([
      [15, 5, 1],
      [10, 3, 2],
    ])
  })

  test('first single changes: lead, place and help, and how many may still be asked', async ({ page }) => {
    const ride = await ridden(
      page,
      'Bistort',
      [
        walk,
        part('work', 'Canter', 'canter', 15),
        part('newWork', 'One change', 'canter', 4, { rungId: 'changes/single-change', times: 2 }),
        cool,
      ],
      { place: ['changes/single-change'] },
    )
    await ride.to(3)
    await expect(page.getByText('Canter from walk: prompt on both leads?')).toBeVisible()
    await ride.in(1, 'Passed')
    await expect(page.getByText('May still be asked 2 times today.')).toBeVisible()
    await ride.in(1, 'To the left: Late')
    await expect(ride.says()).toContainText('Straighter, and away from the corner.')
    await ride.in(1, ride.says().getByRole('button', { name: 'Do it' }))
    await ride.in(1, 'To the left: Clean')
    await expect(page.getByText('Asked as often as they may be today.')).toBeVisible()
    const { rail, rules } = await ride.told()
    expect(rail.attempts.map((a) => [a.movement, a.side, a.where, a.good, a.lateBehind])).toEqual([
      ['change', 'left', 'diagonal', false, 'right'],
      ['change', 'left', 'diagonal', true, null],
    ])
    expect(rail.tests.map((t) => [t.test, t.passed])).toEqual([['promptDeparts', true]])
    expect(rules).toContain('ChangeLateOrShort')
    const { movements } = await ride.repeats()
    expect(movements[0]).toMatchObject({
      movement: 'change',
      side: 'left',
      training: { good: 1, attempts: 2 },
    })
  })

  test('fours: whole in one tap, and one that went wrong in at most four', async ({ page }) => {
    const ride = await ridden(
      page,
      'Campion',
      [walk, part('work', 'Five fours', 'canter', 8, { rungId: 'changes/every-fourth' }), cool],
      { place: ['changes/every-fourth'] },
    )
    await ride.to(2)
    await ride.in(1, 'Passed')
    await ride.in(1, /^All 5 fours/)
    await expect(ride.says()).toContainText('Whole: leave it, or the next count once.')
    await ride.in(1, ride.says().getByRole('button', { name: 'Do it' }))
    await ride.in(2, 'threes', 'Missed at 4')
    await ride.in(2, 'Late behind, left hind', 'Late 3 times')
    await expect(ride.says()).toContainText('The same hind late: refresh the canter.')
    const { rail, rules } = await ride.told()
    expect(rail.attempts.map((a) => [a.every, a.good, a.steps, a.lateBehind])).toEqual([
      [4, true, 5, null],
      [3, false, 3, null],
      [3, false, 4, 'left'],
    ])
    expect(rules).toContain('SameHindLate')
  })

  test('pirouette and half-steps as training: help, steps, and whose slip it was', async ({ page }) => {
    const ride = await ridden(
      page,
      'Sorrel',
      [
        walk,
        part('work', 'Half-steps', 'trot', 6, { rungId: 'collected/half-steps', times: 6 }),
        part('work', 'Schooling pirouette', 'canter', 6, { rungId: 'collected/schooling-pirouette' }),
        cool,
      ],
      { place: ['collected/half-steps'] },
    )
    await ride.to(2)
    await ride.in(1, 'Not yet')
    await expect(page.getByText('Not yet: this part waits.')).toBeVisible()
    await ride.in(1, 'Passed')
    await ride.in(1, 'Half-steps: Alone')
    await ride.in(1, 'Half-steps: Reminder')
    await ride.in(1, 'Half-steps: With help')
    await expect(ride.says()).toContainText('Worse each time: leave it there.')
    await ride.in(1, ride.says().getByRole('button', { name: 'Do it' }))
    await ride.to(3)
    await ride.in(2, 'More in', 'Pirouette, left lead: With help')
    await ride.in(1, 'The last was mine')
    const { rail, rules } = await ride.told()
    expect(rail.attempts.map((a) => [a.movement, a.answered, a.word, a.mine])).toEqual([
      ['halfSteps', 'alone', null, false],
      ['halfSteps', 'reminded', null, false],
      ['halfSteps', 'helped', null, false],
      ['pirouette', 'helped', 'moreIn', true],
    ])
    expect(rules).toEqual(expect.arrayContaining(['WorseEachTime', 'RidersSlip']))
    const { movements } = await ride.repeats()
    expect(movements.map((m: { movement: string }) => m.movement)).toEqual(['halfSteps'])
  })

  test('the corridor with a three-year-old: halts, steps back, and no ridden words', async ({ page }) => {
    const ride = await ridden(
      page,
      'Darnel',
      [
        part('work', 'Corridor', 'walk', 6, {
          manner: 'inHand',
          rungId: 'in-hand/pole-corridor',
          setUpId: 'corridor',
        }),
      ],
      {
        horse: { foaled: 2023, experience: 'green' },
        manner: 'inHand',
        setUps: { corridor: { family: 'corridor', lengthMetres: 6, widthMetres: 1.1 } },
        place: ['in-hand/pole-corridor'],
      },
    )
    await ride.tab('Asked').catch(() => undefined)
    await ride.in(1, 'Halt and stand: Stood')
    await ride.in(3, 'Step back', /^4/, 'Step back: Quarters right')
    await expect(ride.says()).toContainText('Forward before it is crooked.')
    await ride.in(1, ride.says().getByRole('button', { name: 'Do it' }))
    await ride.tab('Signs')
    await expect(ride.key('Behind the leg')).toBeHidden()
    await ride.in(2, 'Frightened', 'Material')
    await expect(ride.says()).toContainText('Take it away; what it knows, in walk.')
    await page.getByRole('button', { name: 'Finish' }).click()
    await expect(page.getByText('Let go at the end: head low, soft eye, licking?')).toBeVisible()
    const { rail, rules } = await ride.told()
    expect(rail.attempts.map((a) => [a.movement, a.word, a.steps])).toEqual([
      ['stand', 'stood', null],
      ['stepBack', 'quartersRight', 4],
    ])
    expect(rail.signs[0]).toMatchObject({ sign: 'frightened', of: 'material' })
    expect(rules).toEqual(expect.arrayContaining(['QuartersSlide', 'Frightened']))
  })

  test('the lunge both ways: the voice, the gate, and the rein is called at half time', async ({ page }) => {
    await page.addInitScript(() => {
      const heard: number[] = []
      Object.assign(globalThis, { heard })
      navigator.vibrate = () => Boolean(heard.push(Date.now()))
    })
    const ride = await ridden(
      page,
      'Vernal',
      [part('work', 'Lunge', 'trot', 10, { manner: 'lunged', rungId: 'lunge/surcingle-and-voice' })],
      { manner: 'lunged', place: ['lunge/surcingle-and-voice'] },
    )
    await ride.in(1, gait(page, 'Trot'))
    await ride.in(1, /Left rein/)
    await ride.in(1, 'Voice, left rein: Alone')
    await ride.in(1, 'Voice, left rein: Not')
    await expect(ride.says()).toContainText('Walk and stretch, the other rein.')
    await ride.in(1, ride.says().getByRole('button', { name: 'Do it' }))
    await ride.tab('Signs')
    await ride.in(2, 'Bulges', 'gate')
    const before = await page.evaluate(() => (globalThis as unknown as { heard: number[] }).heard.length)
    await ride.minutes(6)
    await expect
      .poll(() => page.evaluate(() => (globalThis as unknown as { heard: number[] }).heard.length))
      .toBeGreaterThan(before)
    const { rail, rules } = await ride.told()
    expect(rail.attempts.map((a) => [a.movement, a.side, a.answered])).toEqual([
      ['voice', 'left', 'alone'],
      ['voice', 'left', 'not'],
    ])
    expect(rail.signs[0]).toMatchObject({ sign: 'bulges', where: 'gate', rein: 'left' })
    expect(rules).toEqual(expect.arrayContaining(['VoiceNotAnswered', 'Crooked']))
  })

  test('long lines, then a first sit: the voice opens it, and each minute belongs to one', async ({
    page,
  }) => {
    const ride = await ridden(
      page,
      'Quitch',
      [
        part('warmUp', 'Long lines', 'walk', 8, { manner: 'longReined', rungId: 'in-hand/long-lines-trot' }),
        part('work', 'First sit', 'walk', 4, { manner: 'ridden' }),
      ],
      {
        horse: { foaled: 2021, experience: 'green' },
        manner: 'longReined',
        place: ['in-hand/long-lines-trot'],
      },
    )
    await ride.minutes(5)
    await ride.in(1, 'Voice, left rein: Alone')
    await ride.to(2)
    await expect(page.getByText('The voice: answered each time?')).toBeVisible()
    await ride.in(1, 'Passed')
    await ride.minutes(3)
    await ride.tab('More')
    await ride.in(1, 'In hand')
    await ride.minutes(2)
    const { rail } = await ride.told()
    expect(rail.tests.map((t) => [t.test, t.passed])).toEqual([['voiceAnswered', true]])
    await ride.tap(/Left rein/)
    const { rail: after } = await ride.told()
    expect(after.manners.map((m) => m.manner)).toContain('inHand')
  })

  test('a ride after treatment: stretch all the way down, left and right told apart', async ({ page }) => {
    const ride = await ridden(page, 'Yarrow Low', [
      walk,
      part('work', 'Easy trot and stretch', 'trot', 10),
      cool,
    ])
    await ride.to(2)
    await ride.in(1, /Left rein/)
    await ride.tab('Asked')
    await ride.in(2, 'Stretch', 'Stretch, left rein: All the way')
    await ride.in(1, /Right rein/)
    await ride.in(1, 'Stretch, right rein: Half')
    await ride.in(1, 'Stretch, right rein: Not')
    await expect(ride.says()).toContainText('Rhythm first, then a longer neck.')
    const { rail, rules } = await ride.told()
    expect(rail.attempts.map((a) => [a.side, a.word, a.good])).toEqual([
      ['left', 'allTheWay', true],
      ['right', 'half', false],
      ['right', null, false],
    ])
    expect(rules).toContain('HeadUpShortNeck')
  })

  test('dressage over fences: a sign has its side, the rein was given, and both repeat', async ({ page }) => {
    const ride = await ridden(
      page,
      'Avens',
      [
        walk,
        part('work', 'Half-pass', 'trot', 8, { rungId: 'lateral/half-pass-trot' }),
        part('work', 'Cross-pole', 'trot', 6, { setUpId: 'fence' }),
        cool,
      ],
      { place: ['lateral/half-pass-trot'], setUps: { fence: { family: 'crossPole', heightMetres: 0.4 } } },
    )
    await ride.to(2)
    await ride.in(1, /Left rein/)
    await ride.tab('Signs')
    await ride.in(2, 'Leans on the hand', '◀ Left')
    await expect(ride.says()).toContainText('Fewer steps, less angle, taller and soft.')
    await ride.in(1, ride.says().getByRole('button', { name: 'Do it' }))
    await ride.tab('Asked')
    await ride.in(3, 'Others', 'Rein given', 'Rein given, left rein: Stayed')
    await ride.to(3)
    await ride.in(1, /^Clear/)
    const { rail, record, rules } = await ride.told()
    expect(rail.signs[0]).toMatchObject({ sign: 'leans', side: 'left', rein: 'left' })
    expect(rail.attempts[0]).toMatchObject({ movement: 'givenRein', word: 'stayed', good: true })
    expect(record.efforts.left.clear).toBe(1)
    expect(rules).toContain('LeansOnHand')
  })

  test('water and steps: which way, how, and what is understood', async ({ page }) => {
    const ride = await ridden(
      page,
      'Marram',
      [walk, part('work', 'Water and steps', 'canter', 15, { rungId: 'cross-country/steps' }), cool],
      { place: ['cross-country/steps'] },
    )
    await ride.to(2)
    await ride.in(2, 'Water', 'Looked')
    await ride.in(2, 'Boldly', 'Boldly')
    await expect(ride.says()).toBeHidden()
    await ride.in(1, 'Boldly')
    await expect(ride.says()).toContainText(
      'Understood: leave it, or the next one’s easiest.'.replace('’', "'"),
    )
    await ride.in(1, ride.says().getByRole('button', { name: 'Do it' }))
    await ride.in(3, 'Step', 'Down', 'Leapt')
    await expect(ride.says()).toContainText('Repeat it in walk.')
    await ride.in(1, ride.says().getByRole('button', { name: 'Do it' }))
    await ride.in(1, 'Strung out')
    const { rail, rules } = await ride.told()
    expect(rail.questions.map((q) => [q.question, q.way, q.goes, q.isUnderstood])).toEqual([
      ['water', 'in', ['looked', 'boldly', 'boldly', 'boldly'], true],
      ['step', 'down', ['leapt'], false],
    ])
    expect(rail.travels).toEqual({ strungOut: 1 })
    expect(rules).toEqual(expect.arrayContaining(['Understood', 'LeapsDown', 'TempoLost']))
  })

  test('a tense horse’s warm-up: slips are let pass, asked again, and what is open waits for another day', async ({
    page,
  }) => {
    const ride = await ridden(page, 'Bryony', [
      part('warmUp', 'Trot and canter', 'trot', 12),
      part('work', 'Circles', 'trot', 16),
      part('work', 'The same again', 'trot', 8),
      cool,
    ])
    await ride.in(1, 'Tense')
    await ride.tab('Signs')
    await expect(page.getByText('Slips are let pass for now')).toBeVisible()
    await ride.in(1, 'Leans on the hand')
    await ride.in(1, 'Falls out')
    await expect(ride.says()).toBeHidden()
    await expect(page.getByRole('list', { name: 'Let pass' }).getByRole('listitem')).toHaveCount(2)
    await ride.to(3)
    await ride.tab('Marks')
    await ride.in(1, 'Keen')
    await expect(ride.says()).toContainText('Loose now: ask again what was let pass.')
    await ride.tab('Signs')
    await ride.in(
      1,
      page.getByRole('list', { name: 'Let pass' }).getByRole('button', { name: 'It came' }).first(),
    )
    const { rail, rules } = await ride.told()
    expect(rail.leftForAnotherDay).toEqual(['fell out'])
    expect(rail.signs.map((s) => [s.sign, s.later, s.askedAgain])).toEqual([
      ['leans', true, 'alone'],
      ['fallsOut', true, null],
    ])
    expect(rules).toContain('LeftForAnotherDay')
    expect(rules).not.toContain('LeansOnHand')
  })

  test('a bold horse round a small course: causes beside each jump, and settled is the goal', async ({
    page,
  }) => {
    const ride = await ridden(
      page,
      'Fumitory',
      [walk, part('work', 'Small course', 'canter', 12, { setUpId: 'fence' }), cool],
      {
        setUps: {
          fence: {
            family: 'fenceLine',
            kind: 'relatedLine',
            comesIn: 'canter',
            elements: [{ kind: 'upright', heightMetres: 0.7 }],
          },
        },
      },
    )
    await ride.to(2)
    for (let n = 0; n < 2; n++) {
      await ride.in(1, /^Clear/)
      if (n === 1) {
        await expect(ride.says()).toContainText('Calm: the next stage, or leave it.')
        await ride.says().getByRole('button', { name: 'Not now' }).click()
      }
      // Seen without scrolling, above the foot, and what was put off is not in the way.
      const beyondTheFoot = async () => {
        const foot = (await page.locator('footer').boundingBox())!.y
        const hand = (await ride.key('Hand').boundingBox())!
        return hand.y + hand.height - foot
      }
      await expect.poll(beyondTheFoot).toBeLessThanOrEqual(0)
      await ride.in(2, 'Long', 'Hand')
    }
    await ride.tab('Signs')
    await ride.in(2, 'All signs', 'Breathes, thinks')
    await expect(ride.says()).toContainText('It breathes and thinks: one more, then end.')
    const { rail, rules } = await ride.told()
    expect(rail.jumps).toMatchObject({ long: 2, causes: { hand: 2 } })
    expect(rules).toEqual(expect.arrayContaining(['RidersDistance', 'BreathesAndThinks']))
    const { riders } = await ride.repeats()
    expect(riders).toEqual([{ rider: 'Maren Holt', takeOff: 'long', cause: 'hand', times: 2, of: 2 }])
  })

  for (const [device, size] of [
    ['phone', phone],
    ['tablet', tablet],
  ] as const)
    test(`with an advice showing, the keys in use stay above the foot of a ${device}`, async ({ page }) => {
      const ride = await ridden(
        page,
        `Vetchling ${device}`,
        [
          walk,
          part('work', 'Trot poles', 'trot', 8, { setUpId: 'poles' }),
          part('work', 'Cross-pole', 'trot', 6, { setUpId: 'fence' }),
          part('work', 'Half-steps', 'trot', 5, { rungId: 'collected/half-steps' }),
          part('work', 'Single changes', 'canter', 5, { rungId: 'changes/single-change', times: 2 }),
          ...Array.from({ length: 8 }, (_, i) => part('work', `Circles ${i + 1}`, 'trot', 3)),
          cool,
        ],
        {
          place: ['collected/half-steps', 'changes/single-change'],
          setUps: {
            poles: { family: 'poleLine', variant: 'trotWorking', poles: 4, raising: 'ground' },
            fence: { family: 'crossPole', heightMetres: 0.4 },
          },
        },
      )
      await page.setViewportSize(size)
      for (const [n, tab] of [
        [2, 'Poles'],
        [3, 'Fence'],
        [4, 'Asked'],
        [5, 'Changes'],
      ] as const) {
        await ride.to(n)
        if (n > 3) await ride.tap('Passed')
        await ride.tab('Signs')
        if (!(await ride.key(/^Lost the tempo/).isVisible())) await ride.tap('All signs')
        await ride.tap(/^Lost the tempo/)
        await expect(ride.says()).toContainText('Only a steady tempo until it is back.')
        await ride.tab(tab)
        const foot = (await page.locator('footer').boundingBox())!.y
        const keys = page.getByRole('tabpanel').locator('.rail-key.soft')
        const first = (await keys.first().boundingBox())!
        expect(first.y + first.height, tab).toBeLessThanOrEqual(foot)
        // Every part of thirteen is reached by a target of a glove's size.
        const cell = (await page.getByRole('button', { name: `Part ${n}:` }).boundingBox())!
        expect(Math.min(cell.width, cell.height)).toBeGreaterThanOrEqual(44)
        await ride.says().getByRole('button', { name: 'Do it' }).click()
      }
    })

  test('an unplanned ride written up holds fences, askings and sides', async ({ page }) => {
    await signIn(page, trainer)
    const { id } = await caller(page)('POST', '', {
      name: 'Milfoil',
      foaled: 2015,
      height: '16.0 hh',
      sex: 'gelding',
      experience: 'established',
    })
    await page.goto(`/horses/${id}/ride`)
    await page.getByLabel('Minutes of trot, left rein').fill('12')
    await choose(page, 'Add what stood', 'Fences of no set-up')
    await page.getByRole('button', { name: 'Clear, left rein, one more' }).click()
    await page.getByRole('button', { name: 'Add a movement' }).click()
    await page.getByRole('button', { name: 'Flying change 1, alone, one more' }).click()
    await page.getByRole('button', { name: 'Leans on the hand' }).click()
    await page
      .getByRole('group', { name: 'Leans on the hand, side' })
      .getByRole('button', { name: /Left/ })
      .click()
    await page.getByRole('button', { name: 'Write it down' }).click()
    await expect(page.getByRole('heading', { name: 'Asked and seen' })).toBeVisible()
    await expect(page.getByText('Leans on the hand, left side')).toBeVisible()
    await expect(page.getByRole('row', { name: /Flying change, left/ })).toContainText('alone')
  })
})
